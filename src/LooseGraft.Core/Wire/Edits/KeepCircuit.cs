using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Keeps a small circuit in the graft, as a part that is made by hand: what it is made of and what follows stands in its note.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Note">What to build, and what follows from it.</param>
public sealed record KeepCircuit(string Name, string Note) : GraftEdit
{
    private const string Prefix = "small-circuit";

    /// <summary>The small circuits that a graft keeps.</summary>
    public static IEnumerable<Part> In(Graft graft)
        => graft.Parts.Where(part => part.Kind == PartKind.Other && part.Id.StartsWith(Prefix, StringComparison.Ordinal));

    public override Graft Apply(Graft graft)
        => graft with
        {
            Parts = graft.Parts.Add(new Part(GraftEdits.FreshId($"{Prefix} {Name}", graft.Parts.Select(part => part.Id)), Name, PartKind.Other)
            {
                Note = Note.Length <= GraftFileLimits.NoteLength ? Note : Note[..GraftFileLimits.NoteLength],
            })
        };

    public override string Words(Graft graft) => $"Small circuit kept: {Name}";

    public override string Standing(Graft graft) => $"{In(graft).Count().Counted("small circuit")} kept";
}
