using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says what the graft is called, what goes into what, what it may cost and what it shall be good for.</summary>
public sealed record DescribeGraft(string Name, string Donor, string Shell, Money? Budget, string Currency, string? Aim) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with
    {
        Name = Name,
        Donor = graft.Donor with { Name = Donor },
        Shell = graft.Shell with { Name = Shell },
        Budget = Budget,
        Currency = Currency,
        Aim = Aim,
    };

    public override string Words(Graft graft) => $"About the graft: {Name}";

    public override string Standing(Graft graft)
        => $"{graft.Name}: {graft.Donor.Name} ⟶ {graft.Shell.Name}, budget {graft.Budget?.In(graft.Currency) ?? "none"}";
}
