namespace LooseGraft.Core.Model;

/// <summary>How decisions are worded, on pages and in the history alike.</summary>
public static class ModelWords
{
    /// <summary>A method, and what the hands do.</summary>
    public static string Words(this JointMethod method) => method switch
    {
        JointMethod.Straight => "straight: push it on as it is",
        JointMethod.Adapter => "adapter: buy a go-between",
        JointMethod.Repin => "re-pin: move terminals in the housing",
        JointMethod.Splice => "splice: cut and join the shell's lead",
        JointMethod.Bridge => "bridge: solder a link on the board",
        JointMethod.Rebuild => "rebuild: make a lead",
        JointMethod.LeaveOff => "leave it off",
        _ => throw new ArgumentOutOfRangeException(nameof(method), method, null),
    };

    /// <summary>A school of judging a supply.</summary>
    public static string Words(this FeedSchool school) => school switch
    {
        FeedSchool.Recommended => "What the card's maker says",
        FeedSchool.Summed => "The parts added up",
        FeedSchool.Measured => "Measured at the wall",
        _ => throw new ArgumentOutOfRangeException(nameof(school), school, null),
    };

    /// <summary>A school of judging whether the heat gets out.</summary>
    public static string Words(this HeatSchool school) => school switch
    {
        HeatSchool.Printed => "What the shell's maker prints",
        HeatSchool.Thumb => "The rule of thumb",
        HeatSchool.Network => "The air worked out",
        HeatSchool.Measured => "What was read",
        _ => throw new ArgumentOutOfRangeException(nameof(school), school, null),
    };

    /// <summary>What lies between two contacts.</summary>
    public static string Words(this LinkKind kind) => kind switch
    {
        LinkKind.Wire => "a conductor",
        LinkKind.Momentary => "a switch that is held",
        LinkKind.Latching => "a switch that stays",
        LinkKind.Relay => "a relay's contact",
        LinkKind.Fuse => "a fuse",
        LinkKind.Resistor => "a resistor",
        LinkKind.Diode => "a diode",
        LinkKind.Light => "a light",
        LinkKind.Lamp => "a lamp",
        LinkKind.Coil => "a coil",
        LinkKind.Winding => "a winding",
        LinkKind.Step => "a step up or down",
        LinkKind.Invert => "an inverter",
        LinkKind.Delay => "a delay",
        _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, null),
    };

    /// <summary>What joins a board's ground to the metal.</summary>
    public static string Words(this BoardGround? ground) => ground switch
    {
        BoardGround.Lead => "a short lead with ring tags",
        BoardGround.Spring => "a spring or conductive foam",
        BoardGround.Shields => "its ports' shields on bare metal",
        _ => "its screws alone",
    };

    /// <summary>Who made a lead.</summary>
    public static string Words(this PartMaking? making) => making switch
    {
        PartMaking.ByHand => "made by hand",
        PartMaking.Bought => "bought, or made by a works",
        _ => "nobody said who made it",
    };

    /// <summary>What is watched for.</summary>
    public static string Words(this WatchPoint watched) => watched switch
    {
        WatchPoint.Fans => "fans turn",
        WatchPoint.Lights => "lights come on",
        WatchPoint.Beeps => "it beeps",
        WatchPoint.Picture => "a picture, or an answer",
        WatchPoint.StaysOn => "it stays on for ten minutes",
        _ => throw new ArgumentOutOfRangeException(nameof(watched), watched, null),
    };

    /// <summary>What closes the opening round the ports.</summary>
    public static string Words(this IoPlate plate) => plate switch
    {
        IoPlate.Kept => "keep the loose plate",
        IoPlate.Bent => "bend the plate to fit",
        IoPlate.CutFromOldCase => "cut it from the old case",
        IoPlate.Made => "make one from sheet",
        IoPlate.LeftOpen => "leave it open",
        _ => throw new ArgumentOutOfRangeException(nameof(plate), plate, null),
    };

    /// <summary>What was done with a mount.</summary>
    public static string Words(this MountState state) => state switch
    {
        MountState.AsFound => "as found",
        MountState.Removed => "removed",
        MountState.Insulated => "insulated",
        _ => throw new ArgumentOutOfRangeException(nameof(state), state, null),
    };
}
