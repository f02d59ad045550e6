using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>What the contacts of a USB joint must do together.</summary>
/// <remarks>A port is known by its number in the signal's name: <c>usb2-data+</c> is one half of port 2.</remarks>
internal static class UsbRules
{
    public static IEnumerable<Finding> Of(JointReview review)
    {
        var joined = review.Decided.Where(contact => contact.Judgement.IsRight && Family(review, contact) == SignalFamily.Usb).ToArray();
        if (joined.Length == 0) yield break;
        foreach (var split in joined.GroupBy(contact => PortOf(review.From.At(contact.From)))
            .Where(pair => pair.Count() != 2 || pair.Select(contact => PortOf(review.To.At(contact.To))).Distinct().Count() != 1))
        {
            yield return Finding.Of(WireRules.UsbPairSplit, Subject(review),
                $"{review.From.Port.Name}: the two halves of USB port {split.Key} do not both go to one and the same port of {review.To.Port.Name}.",
                Weakest(review, split), "lead both data wires of a port to the same port, twisted together");
        }

        if (!review.Decided.Any(contact => contact.Judgement.IsRight && Family(review, contact) == SignalFamily.Ground))
        {
            yield return Finding.Of(
                WireRules.UsbWithoutGround, Subject(review), $"{review.To.Port.Name} on {review.From.Port.Name}: USB data are joined, but no ground.",
                Weakest(review, joined), "join a ground beside the pair: data have nothing to be measured against without it");
        }

        if (HasLanes(review.From) && !review.Decided.Any(contact => contact.Judgement.IsRight && Family(review, contact) == SignalFamily.Lane))
        {
            yield return Finding.Of(WireRules.UsbLanesLost, Subject(review),
                $"{review.To.Port.Name} on {review.From.Port.Name}: the fast lanes of USB 3.x stay open; its ports work at the 480 Mbit/s of USB 2.0.",
                Weakest(review, joined),
                "nothing, if that is fast enough", "take a lead made for USB 3.x: fast lanes cannot be made by hand");
        }
    }

    private static bool HasLanes(JointEnd end) => end.Terminals.Any(terminal => terminal.Family == SignalFamily.Lane && terminal.Conducts);

    private static SignalFamily Family(JointReview review, JointContact contact) => review.From.At(contact.From).Family;

    private static int? PortOf(Terminal terminal) => terminal.Signal.Entry?.UsbPort;

    private static JointSubject Subject(JointReview review) => new JointSubject(review.Joint.Id);

    private static Evidence Weakest(JointReview review, IEnumerable<JointContact> contacts) => contacts.Select(contact => contact.Judgement.Evidence).Weakest();
}
