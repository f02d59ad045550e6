namespace LooseGraft.Core.Circuit;

/// <summary>What is wrong with a net.</summary>
public enum ConflictKind
{
    /// <summary>A supply on a return.</summary>
    SupplyToGround,

    /// <summary>Two supplies of different voltage, or a standby supply and a switched one.</summary>
    SupplyToSupply,

    /// <summary>Two supplies of one voltage, each with a will of its own.</summary>
    SuppliesInParallel,

    /// <summary>More than a load bears, or the wrong way round.</summary>
    BeyondLoad,

    /// <summary>Less than a load is made for.</summary>
    BelowLoad,

    /// <summary>A load that should have power with the machine off, on a supply that goes off with it.</summary>
    NotStandby,

    /// <summary>A load's supply contact on a return.</summary>
    LoadAtGround,

    /// <summary>A supply beyond what a signal's pin bears.</summary>
    SupplyBeyondSignal,

    /// <summary>A supply that a driver would have to pull down.</summary>
    SupplyAgainstDriver,

    /// <summary>A signal held at a supply that it bears.</summary>
    HeldAtSupply,

    /// <summary>Two drivers on one line.</summary>
    DriverAgainstDriver,

    /// <summary>Several lines that only pull down, joined.</summary>
    LineShared,

    /// <summary>The output of an amplifier on a return.</summary>
    DriverShorted,

    /// <summary>A signal held at a return.</summary>
    HeldAtGround,

    /// <summary>A start line held down: the machine is always on.</summary>
    AlwaysOn,

    /// <summary>A load fed from a signal.</summary>
    LoadOnSignal,

    /// <summary>A level that kills an input.</summary>
    LevelKills,

    /// <summary>A level higher or lower than the input is made for.</summary>
    LevelDiffers,

    /// <summary>A level that one side states and nobody knows of the other.</summary>
    LevelUnknown,

    /// <summary>A signal on another.</summary>
    OtherSignal,

    /// <summary>A contact of which nobody knows what it does.</summary>
    NotKnown,

    /// <summary>A light or lamp on more than it is made for.</summary>
    LightBurns,

    /// <summary>A light the wrong way round.</summary>
    LightReversed,

    /// <summary>A resistor, diode or coil that takes more than it bears.</summary>
    ElementBurns,

    /// <summary>An element that states too little to say what it does.</summary>
    ElementUnknown,

    /// <summary>A supply that takes current through an element from a higher one.</summary>
    SupplyThroughElement,

    /// <summary>A voltage that reaches a signal's pin through an element.</summary>
    PinThroughElement,

    /// <summary>An output that must drive more through an element than it can.</summary>
    OutputOverloaded,

    /// <summary>A load that is fed through an element, which leaves it less the more it takes.</summary>
    FedThroughElement,

    /// <summary>A coil that throws its voltage back into the output that switches it.</summary>
    CoilWithoutDiode,

    /// <summary>A coil with too little to pull.</summary>
    CoilWeak,

    /// <summary>A coil that switches itself off, and on again.</summary>
    CoilRestless,

    /// <summary>A coil that goes on pulling while the machine is off.</summary>
    CoilHolds,

    /// <summary>Both legs of a winding joined.</summary>
    WindingShorted,

    /// <summary>Alternating current on what is made for direct current, or for signals.</summary>
    WindingOnCircuit,

    /// <summary>A winding that is joined to the mains, or may be.</summary>
    WindingNotIsolated,

    /// <summary>A lamp or light on a winding that gives more than it is made for.</summary>
    WindingBurnsLamp,

    /// <summary>A contact that bears less than the voltage it switches.</summary>
    ContactTooSmall,

    /// <summary>Something on a contact that must stay open.</summary>
    MustStayOpen,

    /// <summary>A supply and what it feeds that could recognise each other, and have no line to do it over.</summary>
    IdentityMissing,

    /// <summary>A newer drive may take a supply on contact 3 of its plug for the order to stay off.</summary>
    MayStayOff,

    /// <summary>A load joined to something, with nothing that feeds it.</summary>
    NotFed,

    /// <summary>Current that has no way back.</summary>
    NoReturn,

    /// <summary>Current that has no way back but through a signal's pin.</summary>
    ReturnThroughSignal,

    /// <summary>Current that has no way back but the wrong way through what takes another supply.</summary>
    ReturnThroughLoad,

    /// <summary>A supply that reaches a signal's pin through a light, a lamp or a loudspeaker.</summary>
    SupplyThroughLight,

    /// <summary>A part that is off, fed through one of its signals by another that is on.</summary>
    FedWhileOff,

    /// <summary>A load that hangs between two supplies and returns its current into the lower.</summary>
    BetweenSupplies,

    /// <summary>What arrives is not what is written on a conductor's contact.</summary>
    LabelDiffers,

    /// <summary>A label that states a supply which nothing on its net gives.</summary>
    LabelNotGiven,
}
