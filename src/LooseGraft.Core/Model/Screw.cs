using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A screw: its thread, and its length without a round head; a countersunk one with it.</summary>
/// <param name="Thread">Its thread.</param>
/// <param name="Length">Its length.</param>
public sealed record Screw(ScrewThread Thread, Millimetres Length)
{
    /// <summary>How it is written.</summary>
    public const string Pattern = "a screw such as M3 × 6, 6-32 × 6, self-tapping 3 × 10 or wood 3.5 × 16";

    private const double ShortestMm = 2;
    private const double LongestMm = 120;

    /// <summary>Reads M3 × 6, with x or * as well; null for what is none.</summary>
    public static Screw? Parse(string text)
        => text.Split('×', 'x', '*') is [var name, var length] && ScrewThread.Find(name) is { } thread
            && ReadingText.TryRead(length) is { Kind: ReadingKind.Bare or ReadingKind.Length, Value: >= ShortestMm and <= LongestMm } read
            ? new Screw(thread, new Millimetres(Math.Round(read.Value, 3))) : null;

    /// <inheritdoc/>
    public override string ToString() => FormattableString.Invariant($"{Thread.Name} × {Length.Value}");
}
