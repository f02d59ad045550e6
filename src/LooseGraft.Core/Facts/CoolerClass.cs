namespace LooseGraft.Core.Facts;

/// <summary>How much warmer than its air a thing gets under a usual sort of cooler. Practice, not a standard: each figure may be overridden.</summary>
/// <param name="Id">Its name in files.</param>
/// <param name="Name">In a builder's words.</param>
/// <param name="Use">What it is for.</param>
/// <param name="HasFan">Whether it has a fan of its own, so that the shell's air does not have to blow through it.</param>
/// <param name="ReferenceFlow">Litres per second through its space at which its figures hold, for one without a fan; 0 for one with.</param>
/// <param name="KelvinsPerWatt">Low, likely and high, at that flow or at full speed.</param>
/// <param name="Joint">What of paste and lid comes on top, which no flow changes.</param>
/// <param name="Source">Where that comes from.</param>
/// <param name="Still">The same in still air, at 30 K above it; null for one with a fan.</param>
/// <param name="Noise">How loud its own fan is a metre away at full speed, in dB(A); null for one without (common practice).</param>
/// <param name="Mount">What it is held by: only a cooler of the same sort may take its place.</param>
/// <param name="HeightMm">How low its sort can be over the chip, in millimetres; null where that is not its own matter (common practice).</param>
public sealed record CoolerClass(
    string Id, string Name, CoolerUse Use, bool HasFan, double ReferenceFlow, IReadOnlyList<double> KelvinsPerWatt, IReadOnlyList<double> Joint, string Source,
    IReadOnlyList<double>? Still = null, double? Noise = null, CoolerMount Mount = CoolerMount.Own,
    double? HeightMm = null)
{
    /// <summary>Kelvins above its air for which the figures in still air are given.</summary>
    public const double StillKelvins = 30;

    /// <summary>All of them.</summary>
    public static IReadOnlyList<CoolerClass> All { get; } = FactFile.Load<IReadOnlyList<CoolerClass>>("cooler-classes.json");

    /// <summary>The class of that id; null when there is none.</summary>
    public static CoolerClass? Find(string id) => All.FirstOrDefault(each => each.Id == id);
}
