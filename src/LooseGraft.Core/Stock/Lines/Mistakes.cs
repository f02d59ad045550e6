using System.Collections.Immutable;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>The mistakes of one text as they are found.</summary>
internal sealed class Mistakes
{
    private readonly List<LineMistake> _found = [];
    private readonly List<LineMistake> _remarks = [];

    /// <summary>How many there are.</summary>
    public int Count => _found.Count;

    /// <summary>All of them, as they stand in the text.</summary>
    public ImmutableArray<LineMistake> All => [.. _found.OrderBy(mistake => mistake.Line).ThenBy(mistake => mistake.Column)];

    /// <summary>What stands, and may not be what was meant.</summary>
    public ImmutableArray<LineMistake> Remarks => [.. _remarks];

    /// <summary>Remarks upon a piece that will do.</summary>
    public void Remark(Piece at, string words, params IEnumerable<string> instead)
        => _remarks.Add(new LineMistake(at.Line, at.Column, at.Text.Length, words, [.. instead]));

    /// <summary>Marks a piece.</summary>
    public void Add(Piece at, string words, params IEnumerable<string> instead)
        => _found.Add(new LineMistake(at.Line, at.Column, at.Text.Length, words, [.. instead]));
}
