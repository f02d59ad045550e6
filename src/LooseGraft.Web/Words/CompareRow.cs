namespace LooseGraft.Web.Words;

/// <summary>One thing by which offers are held against each other.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Cells">What each offer has of it, in the order of the offers.</param>
public sealed record CompareRow(string Name, IReadOnlyList<CompareCell> Cells)
{
    /// <summary>Whether anything is known of any of them.</summary>
    public bool IsKnown => Cells.Any(cell => cell.Text is not null);
}
