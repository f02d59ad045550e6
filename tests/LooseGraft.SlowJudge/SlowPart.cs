namespace LooseGraft.SlowJudge;

/// <summary>What sits behind a signal pin.</summary>
/// <param name="Kind">What.</param>
/// <param name="Level">Its volts where known.</param>
internal sealed record SlowPart(SlowPartKind Kind, double? Level)
{
    public static readonly SlowPart Wire = new(SlowPartKind.Wire, null);
    public static readonly SlowPart Open = new(SlowPartKind.Open, null);
    public static readonly SlowPart InTurn = new(SlowPartKind.InTurn, 3.3);
    public static readonly SlowPart Weak = new(SlowPartKind.Weak, null);
    public static readonly SlowPart Bridge = new(SlowPartKind.Bridge, null);

    public bool Drives => Kind is not (SlowPartKind.Wire or SlowPartKind.Listens);

    /// <summary>The most volts its pin bears.</summary>
    public double Bears => (Level is > 0 ? Level.Value : 3.3) * 1.1;

    public double OutputOhms => Kind switch { SlowPartKind.Bridge => 0.3, SlowPartKind.Weak => 330, SlowPartKind.Open => 15, _ => 25 };

    public double HighVolts => Kind == SlowPartKind.Bridge ? 6 : Level ?? 3.3;

    /// <summary>The most amperes that its driver bears.</summary>
    public double MostAmps => Kind == SlowPartKind.Bridge ? 5 : 0.04;

    public static SlowPart Stiff(double? level) => new(SlowPartKind.Stiff, level);

    public static SlowPart Listens(double? level) => new(SlowPartKind.Listens, level);
}
