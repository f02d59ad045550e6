using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says what a donor is called, what it was, and what else is to be known of it.</summary>
/// <param name="Donor">Its id; null for the first.</param>
/// <param name="Name">What the builder calls it.</param>
/// <param name="Sort">What it was, such as a kiosk.</param>
/// <param name="Note">Anything worth remembering.</param>
public sealed record DescribeDonor(string? Donor, string Name, string? Sort, string? Note) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithDonor(Donor, donor => donor with
    {
        Machine = donor.Machine with { Name = Name, Kind = Sort, Note = Note },
    });

    public override string Words(Graft graft)
    {
        if (graft.FindDonor(Donor)?.Machine is not { } machine) return $"Donor {Name}";
        string?[] changed =
        [
            Name == machine.Name ? null : $"called {Name}",
            Sort == machine.Kind ? null : Sort ?? "its kind not said",
            Note == machine.Note ? null : "its note",
        ];
        return $"Donor {machine.Name}: {string.Join(", ", changed.Where(words => words is not null).DefaultIfEmpty("as it was"))}";
    }

    public override string Standing(Graft graft)
        => graft.FindDonor(Donor)?.Machine is { } machine ? $"{machine.Name}{(machine.Kind is { } kind ? $", {kind}" : "")}" : $"{Name} is gone";
}
