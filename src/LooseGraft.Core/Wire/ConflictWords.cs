using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Wire;

/// <summary>What happens between what gives and what takes, in the builder's words.</summary>
internal static class ConflictWords
{
    public static string Of(ConflictKind kind, Terminal gives, Terminal takes) => kind switch
    {
        ConflictKind.NotKnown => $"{takes.Signal} meets a contact nobody knows",
        ConflictKind.SupplyToGround => $"would short {gives.Signal} to ground",
        ConflictKind.SupplyToSupply => $"would join {gives.Signal} to {takes.Signal}",
        ConflictKind.SuppliesInParallel => $"{gives.Signal} of two supplies joined: the one set higher would push current into the other",
        ConflictKind.BeyondLoad => $"would put {gives.Signal} on what is made for {takes.Signal}",
        ConflictKind.BelowLoad when takes.PartKind.RunsOnLess() => $"{gives.Signal} on what is made for {takes.Signal}: it runs slower or dimmer, if it starts",
        ConflictKind.BelowLoad => $"{gives.Signal} is less than the {takes.Signal} it is made for",
        ConflictKind.NotStandby => $"{takes.Signal} from {gives.Signal}, which goes off with the machine",
        ConflictKind.LoadAtGround => $"would hold {gives.Signal} at ground, so that nothing feeds it",
        ConflictKind.SupplyBeyondSignal => $"would feed {gives.Signal} into {takes.Signal}{MadeFor(takes)}",
        ConflictKind.SupplyAgainstDriver => $"would feed {gives.Signal} into {takes.Signal}, which pulls against it",
        ConflictKind.HeldAtSupply when takes.Signal.Name == "power-disable" => $"would hold {takes.Signal} at {gives.Signal}: the drive never starts",
        ConflictKind.HeldAtSupply => $"would hold {takes.Signal} at {gives.Signal}",
        ConflictKind.DriverAgainstDriver => $"{gives.Signal} and {takes.Signal} would drive each other",
        ConflictKind.LineShared => $"{gives.Signal} and {takes.Signal} on one line: each is heard only while the other is silent",
        ConflictKind.DriverShorted => $"would short the amplifier's {gives.Signal} to ground",
        ConflictKind.HeldAtGround => $"would hold {gives.Signal} at ground",
        ConflictKind.AlwaysOn => $"{gives.Signal} held at ground: the supply runs whenever it has mains, which is right where no board starts it",
        ConflictKind.LoadOnSignal when gives.Role.Kind == RoleKind.Driver => $"{gives.Signal} would have to feed {takes.Signal}",
        ConflictKind.LoadOnSignal => $"{takes.Signal} on {gives.Signal}, which feeds nothing",
        ConflictKind.LevelKills when gives.Role.Drive == SignalDrive.Bridge => $"{gives.Signal} of an amplifier would kill {takes.Signal}",
        ConflictKind.LevelKills => $"{gives.Signal} of {gives.Role.Level} would kill {takes.Signal}, made for {takes.Role.Level}",
        ConflictKind.LevelDiffers when gives.Signal == takes.Signal => $"{gives.Signal} is {gives.Role.Level} on one side and {takes.Role.Level} on the other",
        ConflictKind.LevelDiffers => $"{gives.Signal} gives {gives.Role.Level}, and {takes.Signal} is made for {takes.Role.Level}",
        ConflictKind.LevelUnknown => gives.Role.Level is { } given
            ? $"{gives.Signal} gives {given}, and nobody knows the level that {takes.Signal} is made for"
            : $"{takes.Signal} is made for {takes.Role.Level}, and nobody knows the level that {gives.Signal} gives",
        ConflictKind.OtherSignal
            => gives.Signal == takes.Signal ? $"{gives.Signal} meets {takes.Signal}: both only listen" : $"{gives.Signal} meets {takes.Signal}",
        ConflictKind.LightBurns => $"would feed {gives.Signal} into {takes.Signal}{MadeFor(takes)}",
        ConflictKind.LightReversed when takes.Signal.Polarity != 0 => $"{takes.Signal.Function} the wrong way round: dark, harmless",
        ConflictKind.LightReversed => $"{gives.Signal.Function} the wrong way round: dark, harmless",
        ConflictKind.SupplyThroughLight
            => $"{gives.Signal} would reach {takes.Signal} through a {(takes.Drives(SignalDrive.Bridge) ? "loudspeaker" : "light")}",
        ConflictKind.MustStayOpen => $"{(takes.Role.Kind == RoleKind.KeepOpen ? gives : takes).Signal} on a contact that must stay open",
        ConflictKind.IdentityMissing when gives.Role.Feeds
            => $"{gives.Signal} comes only when it is asked for over {takes.Signal}, and nothing asks: it gives 5 V, or nothing",
        ConflictKind.IdentityMissing => $"nothing answers on {takes.Signal}: the board may refuse this supply, run slow, or not charge",
        ConflictKind.MayStayOff => $"{gives.Signal} on contact 3: a newer drive may take it for the order to stay off, and never start",
        ConflictKind.NotFed => $"nothing feeds {gives.Signal}",
        ConflictKind.NoReturn when gives.Role.Feeds => $"nothing brings the current of {gives.Signal} back",
        ConflictKind.NoReturn => $"{gives.Signal} without a common ground: what is said is measured against nothing",
        ConflictKind.ReturnThroughSignal => $"the current of {gives.Signal} would find its way back through {takes.Signal}, as no ground is joined",
        ConflictKind.ReturnThroughLoad
            => $"the current of {gives.Signal} would find its way back through {takes.Signal}, the wrong way round, as no ground is joined",
        ConflictKind.FedWhileOff => $"{gives.Signal} would feed the part behind {takes.Signal} while its own supply is off",
        ConflictKind.BetweenSupplies => $"its current comes back into {gives.Signal}, which bears that only while others take more of it",
        ConflictKind.CoilRestless => "the coil switches itself off, and on again, without end",
        ConflictKind.LabelDiffers => $"the label says {takes.Signal}, {gives.Signal} arrives",
        ConflictKind.LabelNotGiven => $"the label says {gives.Signal}, and nothing on its other side gives that: what is inside must make it",
        _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, null),
    };

    private static string MadeFor(Terminal takes) => takes.Pin.Level is { } level ? $", made for {level}" : "";
}
