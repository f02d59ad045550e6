namespace LooseGraft.Core.Facts;

/// <summary>What is known of a way to hold a board where no mount meets a hole.</summary>
/// <param name="Method">The way.</param>
/// <param name="Name">In a builder's words.</param>
/// <param name="Strength">How well it holds.</param>
/// <param name="Bears">Whether it bears what hangs on the board, and not only keeps the distance.</param>
/// <param name="Grounds">Whether it joins the board's ground to a metal plane.</param>
/// <param name="Undo">What undoing it leaves behind.</param>
/// <param name="Tools">What it takes.</param>
/// <param name="Minutes">Time at the bench for one, in minutes.</param>
/// <param name="CureHours">How long it must be left alone, in hours.</param>
/// <param name="WrongWhere">Where it is the wrong way.</param>
/// <param name="DrillMm">The drill for it in millimetres; 0 for none.</param>
/// <param name="Source">Where that comes from.</param>
public sealed record MountMethodFact(
    MountMethod Method, string Name, string Strength, bool Bears, bool Grounds, string Undo, string Tools, int Minutes, int CureHours, string WrongWhere,
    double DrillMm, string Source)
{
    /// <summary>All of them, in the order of <see cref="MountMethod"/>.</summary>
    public static IReadOnlyList<MountMethodFact> All { get; } = FactFile.Load<IReadOnlyList<MountMethodFact>>("mount-methods.json");

    /// <summary>The same with another screw than M3: its drills, its tap and its name.</summary>
    public MountMethodFact With(ScrewThread thread) => thread.Family != ScrewFamily.Machine ? this : this with
    {
        Name = Name.Replace("M3", thread.Name, StringComparison.Ordinal),
        Tools = Tools.Replace("M3", thread.Name, StringComparison.Ordinal).Replace("2.5 mm", Drill(thread.TapMm), StringComparison.Ordinal)
            .Replace("3.4 mm", Drill(thread.ClearanceMm), StringComparison.Ordinal),
        DrillMm = Method switch
        {
            MountMethod.DrillAndTap => thread.TapMm,
            MountMethod.ThroughBolt or MountMethod.Tray => thread.ClearanceMm,
            _ => DrillMm,
        },
    };

    /// <summary>What is known of one, with M3.</summary>
    public static MountMethodFact Of(MountMethod method) => All.First(fact => fact.Method == method);

    private static string Drill(double millimetres) => FormattableString.Invariant($"{millimetres:0.##} mm");
}
