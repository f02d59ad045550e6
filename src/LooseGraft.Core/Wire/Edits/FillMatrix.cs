using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Matrix;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Fills the keys of a part in from what beeped; the contacts of its ribbon are then measured rows and columns.</summary>
/// <param name="Part">The part that has the keys.</param>
/// <param name="Ribbon">Its port at which was read; null for none that is described.</param>
/// <param name="Beeps">What beeped, as <see cref="BeepList"/> reads it.</param>
public sealed record FillMatrix(string Part, string? Ribbon, string Beeps) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (FoundMatrix.Of(BeepList.Read(Beeps).Beeps) is not { Matrix: { } matrix } found) return graft;
        var filled = graft.WithPart(Part, part => part with { Matrix = matrix with { HasDiodes = part.Matrix?.HasDiodes ?? false } });
        return Ribbon is null ? filled : Named(Named(filled, found.Rows, "row"), found.Columns, "column");
    }

    public override string Words(Graft graft) => $"Keys of {graft.NameOf(Part)} filled in by what beeped";

    public override string Standing(Graft graft) => (graft.FindPart(Part)?.Matrix?.Keys.Length ?? 0).Counted("key");

    private Graft Named(Graft graft, ImmutableArray<int> contacts, string sort)
        => contacts.Index().Aggregate(graft, (named, each) => named.WithPin(new PortId(Part, Ribbon!), each.Item, pin
            => pin with { Signal = new(Signal.Parse($"matrix-{sort}-{each.Index + 1}")!, Evidence.Measured) }));
}
