using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>What a fan keeps and loses on a header that is not quite its own.</summary>
internal static class FanRules
{
    public static IEnumerable<GroupFinding> Of(Hanging hanging)
    {
        foreach (var header in hanging.Ports.Where(port => port.Part.Kind != PartKind.Fan && !port.Part.Kind.OnlyConducts() && port.Of(SignalFamily.Fan).Any()))
        {
            var fans = header.Contacts.Where(contact => contact.Signal.Family != SignalFamily.Ground).SelectMany(hanging.Others)
                .Where(contact => contact.Part.Kind == PartKind.Fan).ToArray();
            if (fans.Length == 0 || hanging.JointOf(header.Contacts) is not { } joint) continue;
            var (subject, names) = (new JointSubject(joint), $"{fans[0].Port.Name} on {header.Name}");
            if (Lost(header, "fan-control", hanging) is { } control)
            {
                yield return new GroupFinding(joint, Finding.Of(WireRules.FanControlLost, subject,
                    $"{names}: nothing takes the board's fan control, so the fan runs at full speed whatever the heat.",
                    control.Evidence,
                    "nothing, if the noise is bearable", "a fan with a control contact", "a lower voltage, see the small circuits"));
            }

            if (Lost(header, "fan-tacho", hanging) is { } tacho)
            {
                yield return new GroupFinding(joint, Finding.Of(WireRules.FanTachoMissing, subject,
                    $"{names}: the board sees no turning; many then stop at every start with a fan error or run on full guard.",
                    tacho.Evidence,
                    "prove it first: start the bare board with this fan unplugged and see whether it objects", "a fan with a tacho contact",
                    "tell the firmware to ignore this fan"));
            }
        }
    }

    private static CircuitContact? Lost(HangingPort header, string signal, Hanging hanging)
        => header.Find(signal) is { } contact && !hanging.Others(contact).Any(other => other.Signal == contact.Signal) ? contact : null;
}
