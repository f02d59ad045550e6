using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says that parts come out of one more machine.</summary>
/// <param name="Name">What the builder calls it.</param>
/// <param name="Sort">What it was, such as a kiosk; null when that is not said.</param>
public sealed record AddDonor(string Name, string? Sort) : GraftEdit
{
    public override Graft Apply(Graft graft) => To(graft, new Machine(Name) { Kind = Sort }).Graft;

    public override string Words(Graft graft) => $"One more donor: {Name}";

    public override string Standing(Graft graft) => graft.NameOfDonors();

    /// <summary>A donor more, under a name that no other has.</summary>
    /// <returns>The graft with it, and its id.</returns>
    internal static (Graft Graft, string Id) To(Graft graft, Machine machine)
    {
        var id = GraftEdits.FreshId(machine.Name, graft.OtherDonors.Select(donor => donor.Id!));
        var name = FreeName.Of(machine.Name, called => graft.Donors().Any(donor => donor.Machine.Name.Equals(called, StringComparison.OrdinalIgnoreCase)));
        return (graft with { OtherDonors = graft.OtherDonors.Add(new GraftDonor(id, machine with { Name = name }, [])) }, id);
    }
}
