namespace LooseGraft.Core.Facts;

/// <summary>A case of a usual sort, to start the seating from. Sizes are typical of the class (shop descriptions), its standoffs those of the standard it is
/// made for; which of them are screwed in, only a look tells.</summary>
/// <param name="Id">Unique among them.</param>
/// <param name="Name">As a builder says it.</param>
/// <param name="Gloss">What to look out for.</param>
/// <param name="Plane">What the board sits on.</param>
/// <param name="WidthMm">How wide that is, in millimetres.</param>
/// <param name="DepthMm">How deep, in millimetres.</param>
/// <param name="Pattern">Id of the usual board whose holes its standoffs meet.</param>
/// <param name="LeftMm">Where that board's rear left corner comes to lie, from the left, in millimetres.</param>
/// <param name="RearMm">The same from the rear.</param>
public sealed record UsualShell(
    string Id, string Name, string Gloss, string Plane, double WidthMm, double DepthMm, string Pattern, double LeftMm, double RearMm)
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<UsualShell> All { get; } = FactFile.Load<IReadOnlyList<UsualShell>>("usual-shells.json");

    /// <summary>The one of that id; null when there is none.</summary>
    public static UsualShell? Find(string? id) => All.FirstOrDefault(shell => shell.Id == id);

    /// <summary>The board whose holes its standoffs meet.</summary>
    public PartTemplate Board => PartTemplate.Find(Pattern) ?? throw new InvalidOperationException($"A usual shell names an unknown board: {Pattern}");
}
