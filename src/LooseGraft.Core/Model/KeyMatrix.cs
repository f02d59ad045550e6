
namespace LooseGraft.Core.Model;

/// <summary>The keys of a part as crossings of rows and columns.</summary>
/// <param name="Rows">How many rows.</param>
/// <param name="Columns">How many columns.</param>
public sealed record KeyMatrix(int Rows, int Columns)
{
    /// <summary>Whether every key has a diode, so that no press looks like another.</summary>
    public bool HasDiodes { get; init; }

    /// <summary>The keys, each on a crossing of its own.</summary>
    public ValueList<MatrixKey> Keys { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>The key on a crossing; null where there is none.</summary>
    public MatrixKey? At(int row, int column) => Keys.FirstOrDefault(key => key.Row == row && key.Column == column);

    /// <summary>The matrix with that key on a crossing, or with none when the name is empty.</summary>
    public KeyMatrix With(int row, int column, string name)
    {
        var others = Keys.Where(key => (key.Row, key.Column) != (row, column));
        return this with
        {
            Keys = [
            .. (name.Length == 0 ? others : others.Append(new MatrixKey(row, column, name))).OrderBy(key => key.Row).ThenBy(key => key.Column)]
        };
    }
}
