using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>What the contacts of USB must do together.</summary>
/// <remarks>A port is known by its number in the signal's name: <c>usb2-data+</c> is one half of port 2.</remarks>
internal static class UsbRules
{
    public static IEnumerable<GroupFinding> Of(Hanging hanging) => hanging.UsbHosts.SelectMany(port => Pairs(port, hanging).Concat(Whole(port, hanging)));

    /// <summary>Pairs of parts that are joined by USB data and by no ground, as told with WIRE-061.</summary>
    public static IEnumerable<(string One, string Other)> Ungrounded(Hanging hanging)
        => from port in hanging.UsbHosts
           let other = Partners(port.Of(SignalFamily.Usb), hanging).FirstOrDefault()
           where other is not null && !hanging.HaveCommonGround(port.Contacts[0], other)
           select (port.Part.Id, other.Part.Id);

    /// <summary>The ports from which USB data are looked at: those of the board they come from, or else whichever side stands first.</summary>
    public static IEnumerable<HangingPort> Hosts(Hanging hanging)
    {
        var seen = new HashSet<PortId>();
        foreach (var port in hanging.Ports.Where(port => !port.Part.Kind.OnlyConducts() && port.Of(SignalFamily.Usb).Any())
            .OrderBy(port => port.Part.Kind == PartKind.Board ? 0 : 1))
        {
            var partners = Partners(port.Of(SignalFamily.Usb), hanging).Select(other => other.Id.Port).ToHashSet();
            if (partners.Count == 0 || seen.Contains(port.Id)) continue;
            seen.UnionWith(partners);
            yield return port;
        }
    }

    private static IEnumerable<GroupFinding> Pairs(HangingPort port, Hanging hanging)
    {
        foreach (var pair in port.Of(SignalFamily.Usb).GroupBy(contact => contact.Signal.Entry?.UsbPort))
        {
            var far = pair.Select(half => Partners([half], hanging).Select(other => (other.Id.Port, other.Signal.Entry?.UsbPort)).Distinct().ToArray())
                .ToArray();
            var all = far.SelectMany(ports => ports).Distinct().ToArray();
            if (all.Length == 0 || (far.Length == 2 && far.All(ports => ports.Length == all.Length))) continue;
            if (hanging.JointOf(pair) is not { } joint) continue;
            yield return new GroupFinding(joint, Finding.Of(WireRules.UsbPairSplit, new JointSubject(joint),
                $"{port.Name}: the two halves of USB port {pair.Key} do not both go to one and the same port of {Partners(pair, hanging).First().Port.Name}.",
                Weakest(pair, hanging), "lead both data wires of a port to the same port, twisted together"));
        }
    }

    private static IEnumerable<GroupFinding> Whole(HangingPort port, Hanging hanging)
    {
        var (lines, lanes) = (port.Of(SignalFamily.Usb).Where(line => Partners([line], hanging).Any()).ToArray(), port.Of(SignalFamily.Lane).ToArray());
        if (hanging.JointOf(lines) is not { } joint) yield break;
        var far = Partners(lines, hanging).First();
        if (!hanging.HaveCommonGround(port.Contacts[0], far))
        {
            yield return new GroupFinding(joint, Finding.Of(WireRules.UsbWithoutGround, new JointSubject(joint),
                $"{far.Port.Name} on {port.Name}: USB data are joined, but no ground.",
                Weakest(lines, hanging), "join a ground beside the pair: data have nothing to be measured against without it"));
        }

        if (lanes.Length > 0 && !lanes.Any(lane => hanging.Others(lane).Any(other => other.Signal.Family == SignalFamily.Lane)))
        {
            yield return new GroupFinding(joint, Finding.Of(WireRules.UsbLanesLost, new JointSubject(joint),
                $"{far.Port.Name} on {port.Name}: the fast lanes of USB 3.x stay open; its ports work at the 480 Mbit/s of USB 2.0.",
                Weakest(lines, hanging),
                "nothing, if that is fast enough", "take a lead made for USB 3.x: fast lanes cannot be made by hand"));
        }
    }

    // The same half of whichever port at the other end.
    private static IEnumerable<CircuitContact> Partners(IEnumerable<CircuitContact> lines, Hanging hanging)
        => lines.SelectMany(line => hanging.Others(line)
            .Where(other => other.Signal.Family == SignalFamily.Usb && NetRules.BelongTogether(line.Signal, other.Signal)));

    private static Evidence Weakest(IEnumerable<CircuitContact> lines, Hanging hanging)
        => lines.Concat(Partners(lines, hanging)).Select(contact => contact.Evidence).Weakest();
}
