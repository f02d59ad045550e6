using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Says how many rows and columns the keys of a part have. Keys are never lost to a smaller shape: they are emptied first.</summary>
public sealed record ShapeMatrix(string Part, int Rows, int Columns, bool HasDiodes) : GraftEdit
{
    /// <summary>How many keys the shape has no place for.</summary>
    public int Lost(Graft graft) => graft.FindPart(Part)?.Matrix?.Keys.Count(key => key.Row > Rows || key.Column > Columns) ?? 0;

    public override Graft Apply(Graft graft) => Lost(graft) > 0
        ? graft
        : graft.WithPart(Part,
            part => part with { Matrix = (part.Matrix ?? new KeyMatrix(Rows, Columns)) with { Rows = Rows, Columns = Columns, HasDiodes = HasDiodes } });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}: key matrix of {Rows} rows and {Columns} columns";

    public override string Standing(Graft graft) => graft.FindPart(Part)?.Matrix is { } matrix ? $"{matrix.Rows} rows, {matrix.Columns} columns" : "no matrix";
}
