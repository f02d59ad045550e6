using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>Front sound: what tells the software that there is a panel, and what makes a loop that hums.</summary>
internal static class AudioRules
{
    /// <summary>The presence contact of a header that serves sound and is left open.</summary>
    public static IEnumerable<GroupFinding> Of(Hanging hanging)
        => from port in hanging.Ports
           where port.Part.Kind == PartKind.Board
           let open = port.Find("audio-presence")
           where open is not null && !hanging.IsServed(open)
           let sound = port.Of(SignalFamily.Audio).Where(line => Sound(line, hanging).Any())
           let joint = hanging.JointOf(sound)
           where joint is not null
           select new GroupFinding(joint, Finding.Of(WireRules.AudioPresenceOpen, new PinSubject(port.Id, open.Pin.Position),
               $"{port.Name}: sound is joined, but position {open.Pin.Position}, which tells that a front panel is there, is left open; the software may take the front for empty.",
               open.Evidence, "tie it to ground in the lead", "set the sockets by hand in the sound software"));

    /// <summary>An amplifier that shares both its supply and its sound ground with the board: two ways to ground, and a hum between them.</summary>
    public static IEnumerable<Finding> Loops(Graft graft, Hanging hanging)
    {
        var told = new HashSet<string>();
        foreach (var port in hanging.Ports.Where(port => !port.Part.Kind.OnlyConducts()).OrderBy(port => port.Part.Kind == PartKind.Board ? 0 : 1))
        {
            var lines = port.Of(SignalFamily.Audio).SelectMany(line => Sound(line, hanging).Select(far => (Line: line, Far: far))).ToArray();
            if (hanging.JointOf(lines.Select(line => line.Line)) is not { } joint || !told.Add(joint)) continue;
            var sink = lines[0].Far;
            var grounds = port.Of(SignalFamily.Ground)
                .Where(ground => hanging.Others(ground).Any(other => other.Part.Id == sink.Part.Id && other.Signal.Family == SignalFamily.Ground)).ToArray();
            if (grounds.Length == 0 || Shared(graft, hanging, port.Part.Id, sink.Part.Id) is not { } shared) continue;
            yield return Finding.Of(WireRules.SoundSharesSupply, new JointSubject(joint),
                $"{sink.Part.Name} and {port.Part.Name} share {graft.FindPart(graft.Supplies.First(supply => supply.Id == shared).Part)?.Name ?? shared} and are joined again by the ground of the sound: the board's current takes both ways, and is heard as hum and chirping.",
                lines.SelectMany(line => new[] { line.Line, line.Far }).Concat(grounds).Select(contact => contact.Evidence).Weakest(),
                "put a sound transformer into the line: signal passes, ground does not",
                "feed the amplifier from a converter whose output is isolated, or from a brick of its own",
                "hear it first: with the line plugged in and nothing playing, turn it up");
        }
    }

    private static string? Shared(Graft graft, Hanging hanging, string one, string other)
        => SuppliesOf(graft, hanging, one).Intersect(SuppliesOf(graft, hanging, other)).FirstOrDefault();

    private static IEnumerable<CircuitContact> Sound(CircuitContact line, Hanging hanging)
        => hanging.Others(line).Where(other => other.Part.Id != line.Part.Id && other.Signal.Family == SignalFamily.Audio);

    // Those that its contacts are joined to, and those it is meant to hang on.
    private static IEnumerable<string> SuppliesOf(Graft graft, Hanging hanging, string part)
        => graft.Supplies.Where(supply => hanging.Ports.Where(port => port.Part.Id == part).SelectMany(port => port.Of(SignalFamily.Supply))
                .Any(contact => hanging.Others(contact).Any(other => other.Part.Id == supply.Part && other.Role.Kind == RoleKind.Source)))
            .Select(supply => supply.Id)
            .Concat(graft.Loads.Where(load => load.Part == part && load.Meant is not null).Select(load => load.Meant!.Supply));
}
