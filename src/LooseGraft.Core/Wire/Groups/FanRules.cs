using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>What a fan keeps and loses on a header that is not quite its own.</summary>
internal static class FanRules
{
    public static IEnumerable<Finding> Of(JointReview review)
    {
        var (header, fan) = review.From.Part.Kind == Facts.PartKind.Fan ? (review.To, review.From) : (review.From, review.To);
        if (fan.Part.Kind != PartKind.Fan || review.Decided.IsEmpty) yield break;
        var subject = new JointSubject(review.Joint.Id);
        if (Find(header, "fan-control") is { } control && !IsJoined(review, "fan-control"))
        {
            yield return Finding.Of(WireRules.FanControlLost, subject,
                $"{fan.Port.Name} on {header.Port.Name}: nothing takes the board's fan control, so the fan runs at full speed whatever the heat.",
                control.Pin.Signal.Evidence,
                "nothing, if the noise is bearable", "a fan with a control contact", "a lower voltage, see the small circuits");
        }

        if (Find(header, "fan-tacho") is { } tacho && !IsJoined(review, "fan-tacho"))
        {
            yield return Finding.Of(WireRules.FanTachoMissing, subject,
                $"{fan.Port.Name} on {header.Port.Name}: the board sees no turning; many then stop at every start with a fan error or run on full guard.",
                tacho.Pin.Signal.Evidence,
                "prove it first: start the bare board with this fan unplugged and see whether it objects", "a fan with a tacho contact",
                "tell the firmware to ignore this fan");
        }
    }

    private static Terminal? Find(JointEnd end, string signal)
        => end.Terminals.Where(terminal => terminal.Signal.Name == signal && terminal.Conducts).Select(terminal => (Terminal?)terminal).FirstOrDefault();

    private static bool IsJoined(JointReview review, string signal)
        => review.Decided.Any(contact => contact.Judgement.IsRight && review.From.At(contact.From).Signal.Name == signal);
}
