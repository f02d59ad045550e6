using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>The role of a contact with the figures that its physics needs.</summary>
/// <param name="Kind">What it is.</param>
public sealed record ContactRole(RoleKind Kind)
{
    /// <summary>A conductor.</summary>
    public static readonly ContactRole Passive = new(RoleKind.Passive);

    /// <summary>A return.</summary>
    public static readonly ContactRole Ground = new(RoleKind.Ground);

    /// <summary>The metal of a shell.</summary>
    public static readonly ContactRole Chassis = new(RoleKind.Chassis);

    /// <summary>Must stay open.</summary>
    public static readonly ContactRole KeepOpen = new(RoleKind.KeepOpen);

    /// <summary>Nobody knows.</summary>
    public static readonly ContactRole Unknown = new(RoleKind.Unknown);

    /// <summary>The nominal voltage that a source or a rail gives; null for all else.</summary>
    public VoltSpan? Gives { get; init; }

    /// <summary>The nominal voltages that a load or a rail is made for; null for all else.</summary>
    public VoltSpan? Wants { get; init; }

    /// <summary>Whether a source or load is the one that stays on while the machine is off.</summary>
    public bool IsStandby { get; init; }

    /// <summary>How a driver drives.</summary>
    public SignalDrive Drive { get; init; }

    /// <summary>The level of a driver or an input, in volts: as stated, or as laid down for the signal; null where neither is known.</summary>
    public Volts? Level { get; init; }

    /// <summary>Whether an input may be a driver for all anybody said: a signal of the builder's own without a direction.</summary>
    public bool MayDrive { get; init; }

    /// <summary>Whether it may give a supply voltage to what it is joined to.</summary>
    public bool Feeds => Kind is RoleKind.Source or RoleKind.Rail;

    /// <summary>Whether it is at ground, or will be.</summary>
    public bool IsReturn => Kind is RoleKind.Ground or RoleKind.Chassis;

    /// <summary>The most that its pin bears without damage. A logic pin whose level nobody knows is taken for one of 3.3 V, the lowest in wide use; beyond its
    /// level by <see cref="Tolerances.LogicLevel"/> its protection conducts.</summary>
    public Volts Bears => new((Level is { } level && level > Volts.Zero ? level : UsualLogic).Value * (1 + Tolerances.LogicLevel));

    /// <summary>What a USB peripheral works on: down to 4.40 V at its plug, up to 5.25 V (USB 2.0 specification, 7.2.2).</summary>
    public static readonly VoltSpan UsbPeripheral = new(new Volts(4.4), new Volts(5.25));

    /// <summary>The level taken for a pin of which nobody knows it: 3.3 V, the lowest that boards of this kind bring to a header (common practice).</summary>
    public static readonly Volts UsualLogic = new(3.3);

    /// <summary>A supply that is given.</summary>
    public static ContactRole Source(Volts nominal, bool isStandby) => new(RoleKind.Source) { Gives = VoltSpan.Exactly(nominal), IsStandby = isStandby };

    /// <summary>A supply of a board, given and taken.</summary>
    public static ContactRole Rail(Volts nominal, bool isStandby) => new(RoleKind.Rail)
    {
        Gives = VoltSpan.Exactly(nominal),
        Wants = VoltSpan.Around(nominal, Tolerances.Rail),
        IsStandby = isStandby,
    };

    /// <summary>A supply that is taken.</summary>
    public static ContactRole Load(Volts nominal, bool isStandby)
        => new(RoleKind.Load) { Wants = VoltSpan.Around(nominal, Tolerances.Rail), IsStandby = isStandby };
}
