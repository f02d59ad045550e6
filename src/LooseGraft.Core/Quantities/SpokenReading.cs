namespace LooseGraft.Core.Quantities;

/// <summary>A reading as it was understood.</summary>
/// <param name="Kind">What sort of thing was said.</param>
/// <param name="Value">The figure in the unit of its kind (volts, ohms, amperes, watts, millimetres); 0 for a beep, a silence or an over-range.</param>
public readonly record struct SpokenReading(ReadingKind Kind, double Value)
{
    /// <summary>The resistance in ohms up to which a meter beeps: makers choose 10 to 50 (common practice); a reading below counts as joined.</summary>
    public const double BeepOhms = 30;

    /// <summary>The resistance in ohms from which two probes count as not joined: far above any lead or contact, far below the leakage of a board.</summary>
    public const double OpenOhms = 100_000;

    /// <summary>Whether the probes are joined: true by a beep or few ohms, false by silence, over-range or many ohms, null when it does not tell.</summary>
    public bool? IsJoined => Kind switch
    {
        ReadingKind.Beep => true,
        ReadingKind.NoBeep or ReadingKind.OverRange => false,
        ReadingKind.Ohms when Value <= BeepOhms => true,
        ReadingKind.Ohms when Value >= OpenOhms => false,
        _ => null,
    };

    /// <summary>The same reading with a bare figure taken in the unit the instrument was set to.</summary>
    /// <param name="kind">What a bare figure means.</param>
    public SpokenReading As(ReadingKind kind) => Kind == ReadingKind.Bare ? new(kind, Value) : this;

    /// <summary>The reading as a builder would say it back.</summary>
    public override string ToString() => Kind switch
    {
        ReadingKind.Bare => QuantityText.Number(Value),
        ReadingKind.Volts => QuantityText.Write(Value, "V"),
        ReadingKind.Ohms => QuantityText.Write(Value, "ohm"),
        ReadingKind.Amps => QuantityText.Write(Value, "A"),
        ReadingKind.Watts => QuantityText.Write(Value, "W"),
        ReadingKind.Length => QuantityText.Write(Value, "mm"),
        ReadingKind.Beep => "beep",
        ReadingKind.NoBeep => "no beep",
        _ => "OL",
    };
}
