namespace LooseGraft.Core.Model;

/// <summary>One reading taken at the bench.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="At">When it was taken.</param>
/// <param name="Port">The port that was measured.</param>
/// <param name="Mode">What the instrument was set to.</param>
/// <param name="Text">What it showed, as it was typed; readable by <see cref="Quantities.ReadingText"/>.</param>
public sealed record Reading(string Id, DateTimeOffset At, PortId Port, MeterMode Mode, string Text)
{
    /// <summary>The position under the red probe; null for a reading of the port as a whole, such as a length.</summary>
    public int? Red { get; init; }

    /// <summary>The position under the black probe; null when it lies on the ground of the machine.</summary>
    public int? Black { get; init; }

    /// <summary>Whether power was applied.</summary>
    public PowerState Power { get; init; }

    /// <summary>What was done to the switch behind it meanwhile.</summary>
    public SwitchAct Act { get; init; }

    /// <summary>What it was taken with; null for a meter read by eye.</summary>
    public string? Instrument { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>What a bare figure means in this mode.</summary>
    public static Quantities.ReadingKind UnitOf(MeterMode mode) => mode switch
    {
        MeterMode.VoltsDc or MeterMode.Diode => Quantities.ReadingKind.Volts,
        MeterMode.Length => Quantities.ReadingKind.Length,
        _ => Quantities.ReadingKind.Ohms,
    };

    /// <summary>What was read; null when the text is none.</summary>
    public Quantities.SpokenReading? Value => Quantities.ReadingText.TryRead(Text)?.As(UnitOf(Mode));
}
