namespace LooseGraft.Core.Facts;

/// <summary>A part of a usual sort, to start a description from. Every figure is typical of its class, not of one make.</summary>
/// <param name="Id">Unique among templates.</param>
/// <param name="Name">As a builder says it.</param>
/// <param name="Kind">What sort of thing it is.</param>
/// <param name="Gloss">What it is for and what to look out for.</param>
/// <param name="Source">Where its figures come from.</param>
/// <param name="Evidence">How far they may be relied on.</param>
/// <param name="Ports">Its connectors.</param>
/// <param name="Rails">Its outputs, for what gives power.</param>
/// <param name="Combined">Limits that its rails share.</param>
/// <param name="TotalWatts">The most it gives or passes on in all.</param>
/// <param name="Draws">What it takes, for what is fed.</param>
/// <param name="HolesMm">Centres of its mounting holes, x and y, in the frame of <c>MountHole</c>.</param>
/// <param name="HoleMm">Diameter of those holes.</param>
/// <param name="SizeMm">Its width and depth in that frame, for a board.</param>
/// <param name="PriceEuros">What such a thing costs new: low, likely, high (typical of shops, not of one).</param>
/// <param name="Form">Its outside, for a supply or brick.</param>
/// <param name="Wires">What is joined inside it, as <c>wires:</c> of a line says it; null where that is not known, or is more than wires. Common practice: a
/// wire from face to face for each line that the smaller face has, and links between contacts of one face that share it.</param>
public sealed record PartTemplate(
    string Id, string Name, PartKind Kind, string Gloss, string Source, Evidence Evidence,
    IReadOnlyList<PortTemplate>? Ports = null, IReadOnlyList<RailTemplate>? Rails = null, IReadOnlyList<CombinedTemplate>? Combined = null,
    double? TotalWatts = null, IReadOnlyList<DrawTemplate>? Draws = null, IReadOnlyList<IReadOnlyList<double>>? HolesMm = null, double HoleMm = 3.96,
    IReadOnlyList<double>? SizeMm = null, IReadOnlyList<decimal>? PriceEuros = null, SupplyForm? Form = null,
    string? Wires = null)
{
    /// <summary>All of them, in the order a reader would look for them.</summary>
    public static IReadOnlyList<PartTemplate> All { get; } = FactFile.Load<IReadOnlyList<PartTemplate>>("part-templates.json");

    private static readonly Dictionary<string, PartTemplate> ById = All.ToDictionary(template => template.Id);

    /// <summary>The template of that id; null when there is none.</summary>
    public static PartTemplate? Find(string id) => ById.GetValueOrDefault(id);
}
