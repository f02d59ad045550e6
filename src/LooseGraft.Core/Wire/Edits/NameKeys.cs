using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Says what keys of a matrix shall be; one without a name is no key.</summary>
/// <param name="Part">The part that has the keys.</param>
/// <param name="Keys">The keys that are named anew, in their crossings.</param>
public sealed record NameKeys(string Part, ValueList<(int Row, int Column, string Name)> Keys) : GraftEdit
{
    private const int MostNamed = 4;

    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part.Matrix is not { } matrix ? part : part with
    {
        Matrix = Keys.Where(key => key.Row <= matrix.Rows && key.Column <= matrix.Columns)
            .Aggregate(matrix, (edited, key) => edited.With(key.Row, key.Column, key.Name)),
    });

    public override string Words(Graft graft) => $"Keys of {graft.NameOf(Part)}: " + (Keys.IsEmpty ? "none named" : Keys.Length <= MostNamed
        ? string.Join(", ", Keys.Select(key => key.Name.Length == 0 ? $"{key.Row}/{key.Column} empty" : $"{key.Row}/{key.Column} {key.Name}"))
        : $"{Keys.Length} named");

    public override string Standing(Graft graft) => (graft.FindPart(Part)?.Matrix?.Keys.Length ?? 0).Counted("key");
}
