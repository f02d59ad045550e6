namespace LooseGraft.SlowJudge;

/// <summary>Something between two contacts of a part that is no wire and no switch.</summary>
internal sealed record SlowElement(
    string Kind, SlowPin One, SlowPin Other, string Mover, double? Ohms, double? Volts, double? Amps, double? Watts, bool HasDiode)
{
    public bool IsMadeForItsVolts => Kind == "light" && Ohms is null && Volts > 4;

    /// <summary>Resistance between its ends; of a light beyond its threshold.</summary>
    public double Resistance => Kind switch
    {
        "light" when Volts is null or <= 4 => (Ohms ?? 0) + 10,
        "light" => Ohms ?? (Volts!.Value - 2) * 50,
        _ => Ohms ?? Volts!.Value / Amps!.Value,
    };

    /// <summary>Volts from which it conducts forward; null for what conducts both ways.</summary>
    public double? Threshold => Kind switch { "diode" => Volts ?? 0.6, "light" => Volts is > 4 ? 2 : Volts ?? 1.6, _ => null };

    /// <summary>What is wrong with so many volts and amperes from its plus side.</summary>
    public (bool IsHarm, string Why)? Judge(double volts, double amps) => Kind switch
    {
        "light" when amps > 0.03 && !(IsMadeForItsVolts && volts < Volts * 1.055) => (true, $"a light takes {amps * 1000:0} mA"),
        "light" when volts < -5 => (false, $"a light gets {volts:0.#} V"),
        "diode" when amps > (Amps ?? 1) => (true, $"a diode takes {amps:0.#} A"),
        "coil" when HasDiode && amps < -1 => (true, $"a coil's diode takes {-amps:0.#} A"),
        "lamp" when Math.Abs(volts) > Volts * 1.06 => (true, $"a lamp gets {volts:0.#} V"),
        "coil" when Math.Abs(volts) > Volts * 1.1 => (false, $"a coil gets {volts:0.#} V"),
        "coil" when Math.Abs(volts) > Volts * 0.1 && Math.Abs(volts) < Volts * 0.75 => (false, $"a coil gets but {volts:0.#} V"),
        "resistor" when Math.Abs(volts * amps) > (Watts ?? 0.25) => (false, $"a resistor turns {volts * amps:0.##} W into heat"),
        _ => null,
    };
}
