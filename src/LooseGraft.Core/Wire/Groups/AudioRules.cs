using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>Front sound: what tells the software that there is a panel, and what makes a loop that hums.</summary>
internal static class AudioRules
{
    /// <summary>The presence contact of a header that serves sound and is left open.</summary>
    public static IEnumerable<Finding> Of(JointReview review)
    {
        if (!review.Decided.Any(contact => contact.Judgement.IsRight && review.From.At(contact.From).Family == SignalFamily.Audio)) yield break;
        foreach (var (end, isFrom) in new[] { (review.From, true), (review.To, false) }.Where(side => side.Item1.Part.Kind == PartKind.Board))
        {
            var open = end.Terminals.FirstOrDefault(terminal => terminal.Signal.Name == "audio-presence" && terminal.Conducts);
            if (open.Pin is null || IsServed(review, new LeadEnd(isFrom, open.Pin.Position))) continue;
            yield return Finding.Of(WireRules.AudioPresenceOpen, new PinSubject(end.Id, open.Pin.Position),
                $"{end.Port.Name}: sound is joined, but position {open.Pin.Position}, which tells that a front panel is there, is left open; the software may take the front for empty.",
                open.Pin.Signal.Evidence, "tie it to ground in the lead", "set the sockets by hand in the sound software");
        }
    }

    /// <summary>An amplifier that shares both its supply and its sound ground with the board: two ways to ground, and a hum between them.</summary>
    public static IEnumerable<Finding> Loops(Graft graft, IEnumerable<JointReview> joints)
    {
        foreach (var review in joints)
        {
            var (source, sink) = review.From.Part.Kind == PartKind.Board ? (review.From, review.To) : (review.To, review.From);
            var right = review.Decided.Where(contact => contact.Judgement.IsRight).ToArray();
            if (!right.Any(contact => review.From.At(contact.From).Family == SignalFamily.Audio)
                || !right.Any(contact => review.From.At(contact.From).Family == SignalFamily.Ground)) continue;
            if (SuppliesOf(graft, source.Part.Id).Intersect(SuppliesOf(graft, sink.Part.Id)).FirstOrDefault() is not { } shared) continue;
            yield return Finding.Of(WireRules.SoundSharesSupply, new JointSubject(review.Joint.Id),
                $"{sink.Part.Name} and {source.Part.Name} share {graft.FindPart(graft.Supplies.First(supply => supply.Id == shared).Part)?.Name ?? shared} and are joined again by the ground of the sound: the board's current takes both ways, and is heard as hum and chirping.",
                right.Select(contact => contact.Judgement.Evidence).Weakest(),
                "put a sound transformer into the line: signal passes, ground does not",
                "feed the amplifier from a converter whose output is isolated, or from a brick of its own",
                "hear it first: with the line plugged in and nothing playing, turn it up");
        }
    }

    private static bool IsServed(JointReview review, LeadEnd end)
        => review.Decided.Any(contact => contact.Judgement.IsRight && (end.IsFrom ? contact.From : contact.To) == end.Position)
            || review.Ties.Any(tied => tied.Judgement.IsRight && (tied.Tie.One == end || tied.Tie.Other == end));

    private static IEnumerable<string> SuppliesOf(Graft graft, string part) => graft.Loads.Where(load => load.Part == part).Select(load => load.Supply);
}
