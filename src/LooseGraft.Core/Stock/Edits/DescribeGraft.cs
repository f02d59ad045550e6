using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says what the graft is called, what goes into what, what it may cost and what it shall be good for.</summary>
public sealed record DescribeGraft(string Name, string DonorName, string ShellName, Money? Budget, string Currency, string? Aim) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with
    {
        Name = Name,
        Donor = graft.Donor with { Name = DonorName },
        Shell = graft.Shell with { Name = ShellName },
        Budget = Budget,
        Currency = Currency,
        Aim = Aim,
    };

    public override string Words(Graft graft)
    {
        string?[] changed =
        [
            Name == graft.Name ? null : $"called {Name}",
            DonorName == graft.Donor.Name ? null : $"out of {DonorName}",
            ShellName == graft.Shell.Name ? null : $"into {ShellName}",
            (Budget, Currency) == (graft.Budget, graft.Currency) ? null : Budget is { } most ? $"at most {most.In(Currency)}" : $"no budget, in {Currency}",
            Aim == graft.Aim ? null : "what it shall be good for",
        ];
        return $"About the graft: {string.Join(", ", changed.Where(words => words is not null).DefaultIfEmpty("as it was"))}";
    }

    public override string Standing(Graft graft)
        => $"{graft.Name}: {graft.Donor.Name} ⟶ {graft.Shell.Name}, budget {graft.Budget?.In(graft.Currency) ?? "none"}";
}
