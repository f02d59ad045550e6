using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>Writes the bench sheet of a donor from what is known of its board.</summary>
public static class BenchSheets
{
    /// <summary>The sheet; null when there is no board of that donor yet.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="id">The donor's id; null for the first, for whose board any is taken where none is said to be it.</param>
    public static BenchSheet? For(Graft graft, string? id)
    {
        if (graft.FindDonor(id) is not { } donor) return null;
        var any = id is null ? graft.Parts.FirstOrDefault(part => part is { Kind: PartKind.Board, Donor: null }) : null;
        if ((graft.Parts.FirstOrDefault(donor.GaveBoard) ?? any) is not { } board) return null;
        return new BenchSheet(First(donor), [.. Least(graft, board)], [.. Without(donor, board)], [.. Start(board)], Watch, [.. Settings(donor, board)]);
    }

    private static ImmutableArray<string> First(GraftDonor donor) =>
    [
        "Copy what is on its drive to somewhere else, and see that the copy opens.",
        $"Photograph every plug of {donor.Machine.Name} before it is pulled, with position 1 in the picture.",
        "Let it run once in its old case if it can: what works there is known to work.",
        "Touch bare metal before you touch the board; lay it on its box or on wood, never on metal or foil.",
    ];

    private static readonly ImmutableArray<string> Watch =
    [
        "Fans: do they turn, and keep turning?",
        "Lights: which, in what colour, steady or blinking?",
        "Beeps: count them, long and short.",
        "A picture, or an answer over the network or a serial line. Only this proves that it lives.",
        "Does it stay on for ten minutes, and does nothing grow too hot to touch?",
    ];

    private static IEnumerable<string> Least(Graft graft, Part board)
    {
        yield return $"{board.Name} with its processor, its cooler held down, and one memory module.";
        foreach (var port in board.Ports.Where(port => FeedsBoard(graft, board, port)))
            yield return $"Power to its {port.Name}.";
        foreach (var (port, pin) in Needed(board).Where(needed => needed.Pin.Signal.Value.Family is SignalFamily.Fan))
            yield return $"A fan on its {port.Name}: {pin.NeededFor}.";
        yield return "A screen on one of its own sockets. No drive, no card, no keyboard.";
    }

    private static IEnumerable<string> Without(GraftDonor donor, Part board)
    {
        yield return "The old case, its screws and its metal.";
        foreach (var answer in donor.OldCase.Where(answer => answer.Did && answer.MetBy is null))
            yield return $"{CaseDutyFact.Of(answer.Duty).Name.Capitalised()}{(answer.LeftOff is { } consequence ? $": {consequence.TrimEnd('.')}" : ", for which nothing stands in yet")}.";
        foreach (var (port, pin) in Needed(board).Where(needed => needed.Pin.Signal.Value.Family is SignalFamily.Sense))
            yield return $"What closed {pin.Signal.Value} on its {port.Name}, position {pin.Position}: {pin.NeededFor}.";
        yield return "Its old screen, keyboard and battery, if it had them.";
    }

    private static IEnumerable<string> Start(Part board)
    {
        yield return "Everything plugged in before power; nothing is plugged or pulled while it is fed.";
        var starts = (from port in board.Ports from pin in port.Pins where pin.Signal.Value.Name == "power-switch" select (port, pin)).FirstOrDefault();
        if (starts.port is not { } header)
        {
            yield return "Which contacts start it is not described yet: find its power contact first.";
            yield break;
        }

        var unproven = starts.pin.Signal.IsProven ? "" : $" This rests on {starts.pin.Signal.Evidence.Words()}: meter it first";
        yield return header.Pins.FirstOrDefault(pin => pin.Signal.Value.Family == SignalFamily.Ground && pin.Signal.IsProven) is { } ground
            ? $"Join positions {starts.pin.Position} and {ground.Position} of its {header.Name} with a screwdriver for a moment, not longer.{unproven}{(unproven.Length > 0 ? "." : "")}"
            : $"Join position {starts.pin.Position} of its {header.Name} to ground for a moment, not longer.{unproven}{(unproven.Length > 0 ? "." : "")}";
        yield return "To stop it, hold them joined for five seconds, then pull the plug.";
    }

    private static IEnumerable<string> Settings(GraftDonor donor, Part board)
    {
        yield return "Which display is started first: the board's own, as long as there is no card.";
        yield return "Start when power is applied: useful where the new switch cannot reach the contact.";
        yield return "Fan curve, and whether a missing fan may be ignored.";
        yield return "Wake by keyboard, network or clock: off, unless it is wanted.";
        if (donor.OldCase.Any(answer => answer is { Did: true, Duty: CaseDuty.LidSwitch or CaseDuty.PanelCheck or CaseDuty.Sensor })
            || Needed(board).Any(needed => needed.Pin.Signal.Value.Family == SignalFamily.Sense))
            yield return "Warnings about a lid, a panel or a sensor: some firmware lets you turn them off, and then nothing has to be bridged.";
        yield return "Write the old settings down before you change one.";
    }

    private static bool FeedsBoard(Graft graft, Part board, Port port)
        => port.Pins.Any(pin => pin.Signal.Value.Family == SignalFamily.Supply)
            && (port.Pins.Any(pin => pin.NeededFor is not null && pin.Signal.Value.Family == SignalFamily.Supply)
                || graft.Joints.Any(joint => joint.Method != JointMethod.LeaveOff && GivesPower(graft, Other(joint, new PortId(board.Id, port.Id)))));

    private static PortId? Other(Joint joint, PortId port) => joint.From == port ? joint.To : joint.To == port ? joint.From : null;

    private static bool GivesPower(Graft graft, PortId? port)
        => port is { } id && graft.FindPart(id.Part)?.Kind is PartKind.Supply or PartKind.Brick or PartKind.Converter;

    private static IEnumerable<(Port Port, Pin Pin)> Needed(Part board)
        => from port in board.Ports from pin in port.Pins where pin.NeededFor is not null select (port, pin);
}
