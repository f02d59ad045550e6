namespace LooseGraft.Core.Facts;

/// <summary>One known signal.</summary>
/// <param name="Name">As written in a graft file.</param>
/// <param name="Family">The family the contact rules judge by.</param>
/// <param name="AtBoard">Who drives it, seen from a board.</param>
/// <param name="AtDevice">Who drives it, seen from what is plugged into a board.</param>
/// <param name="Gloss">What it is, in plain words.</param>
/// <param name="Aliases">Other spellings that people use.</param>
/// <param name="WantsGround">Whether it is laid down that grounding it is what it waits for.</param>
public sealed record SignalEntry(
    string Name, SignalFamily Family, SignalDirection AtBoard, SignalDirection AtDevice, string Gloss, IReadOnlyList<string> Aliases, bool WantsGround = false)
{
    /// <summary>More spellings, which are understood where somebody types them and not in a file, in which a name of one's own stays what it is.</summary>
    public IReadOnlyList<string> Typed { get => field ?? []; init; }

    /// <summary>What the two ends of one light share; null for everything else.</summary>
    public string? Function { get; init; }

    /// <summary>+1 or −1 for the ends of a light, 0 for everything else.</summary>
    public int Polarity { get; init; }

    /// <summary>The USB port it is a line of, from 1; null for everything else.</summary>
    public int? UsbPort { get; init; }

    /// <summary>Which line of its USB port it is, whatever the port's number; null for everything else.</summary>
    public string? UsbLine { get; init; }

    /// <summary>How its driver moves the line.</summary>
    public SignalDrive Drive { get; init; }

    /// <summary>Volts of its line where they are laid down: 5 V for the start line and power-good (ATX12V power supply design guide), 5 V, at most 5.25, for
    /// fan control (four-wire PWM fan specification), 3.3 V for USB data (USB 2.0 specification, 7.1) and for "power off" of a drive (Serial ATA 3.3), 5 V
    /// behind an indicator, as most are fed from that (common practice); null where each maker chooses.</summary>
    public double? UsualVolts { get; init; }

    /// <summary>Whether it lights by a filament, which conducts either way round.</summary>
    public bool Filament { get; init; }

    /// <summary>Whether it is a supply whose volts its name does not tell; what it is can only be said once its level is stated.</summary>
    public bool AnyVolts { get; init; }

    /// <summary>Whether holding it at ground for good is a way of leaving the machine on: usual practice, and no fault.</summary>
    public bool StartsWhenGrounded { get; init; }

    /// <summary>Whether it is the metal of the shell, or a shield, rather than a return.</summary>
    public bool IsChassis { get; init; }

    /// <summary>Whether nothing may be joined to it.</summary>
    public bool StaysOpen { get; init; }

    /// <summary>Whether a supply and what it feeds recognise each other by it.</summary>
    public bool Identifies { get; init; }

    /// <summary>Who drives it when the pin itself does not say, seen from a kind of part: a board hosts, everything else is a device on it.</summary>
    public SignalDirection UsualDirection(PartKind kind) => kind == PartKind.Board ? AtBoard : AtDevice;
}
