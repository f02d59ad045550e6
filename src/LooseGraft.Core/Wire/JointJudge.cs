using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Judges one joint by itself.</summary>
internal static class JointJudge
{
    public static JointReview Review(Joint joint, JointEnd from, JointEnd to)
    {
        var mating = new Mating(from.Port, to.Port);
        var intended = mating.Intended(joint);
        var problems = PlugFit.Problems(from.Port, to.Port).ToImmutableArray();
        // What only nobody vouches for may go on all the same, and is judged as if it did.
        var mayGoOn = !problems.Any(problem => problem.IsSure);
        var table = new ContactTable(from.Terminals, to.Terminals);
        var pushed = Judge(mating.Meetings(intended), from, to);
        var decided = joint.Method switch
        {
            JointMethod.LeaveOff => [],
            JointMethod.Straight => mayGoOn ? pushed : [],
            _ => Judge(joint.Wires, from, to),
        };
        var ties = joint.Ties.Select(
            tie => new TieContact(tie, ContactRules.Judge(EndOf(tie, from, to).At(tie.One.Position), EndOf(tie, from, to).At(tie.Other.Position))))
            .ToImmutableArray();
        // What stays is what is joined already: the wires that were chosen, or else what meets when it is pushed on.
        var joined = joint.Method is not (JointMethod.Straight or JointMethod.LeaveOff) && !joint.Wires.IsEmpty ? decided : problems.IsEmpty ? pushed : [];
        var proposal = WireTable.Propose(from.Terminals, to.Terminals, table, joined.Select(contact => (contact.From, contact.To)));
        var placements = mayGoOn ? mating.Possible().ToArray() : [];
        var hazards = Hazards(joint, mating, intended, placements, table);

        var draft = new JointReview(joint, from, to, problems, pushed, decided, ties, proposal, placements.Length, hazards, null!, []);
        return draft with { Verdict = JointVerdicts.Of(draft), Findings = JointFindings.Of(draft) };
    }

    private static ImmutableArray<JointContact> Judge(IEnumerable<Conductor> meetings, JointEnd from, JointEnd to)
        => [.. meetings.Select(meeting => from.Meet(meeting.From, to, meeting.To))];

    private static JointEnd EndOf(LeadTie tie, JointEnd from, JointEnd to) => tie.One.IsFrom ? from : to;

    // A made-up lead is no longer the plug of the shell, so only a plug that stays as it is can be pushed on wrongly.
    // Where it is to be changed first, pushing it on unchanged at all is the hazard.
    private static ImmutableArray<PlacementHazard> Hazards(
        Joint joint, Mating mating, PlugPlacement intended, IEnumerable<PlugPlacement> placements, ContactTable table)
        => [.. (from placement in placements
               where joint.Method != JointMethod.Straight || placement != intended
               let worst = WorstStop(mating.Meetings(placement), table)
               where worst is not null
               select new PlacementHazard(placement, intended, LikelihoodOf(placement, intended), worst))
                   .OrderByDescending(hazard => hazard.Likelihood)];

    private static HandLikelihood LikelihoodOf(PlugPlacement placement, PlugPlacement intended)
    {
        var (isTurned, shift) = (
            placement.QuarterTurns != intended.QuarterTurns,
            Math.Abs(placement.RowShift - intended.RowShift) + Math.Abs(placement.ColumnShift - intended.ColumnShift));
        return (isTurned, shift) switch
        {
            (false, <= 1) => HandLikelihood.Easily,
            (true, 0) => HandLikelihood.NowAndThen,
            _ => HandLikelihood.Rarely,
        };
    }

    private static JointContact? WorstStop(IEnumerable<Conductor> meetings, ContactTable table)
    {
        foreach (var meeting in meetings)
        {
            var judgement = table.At(meeting.From, meeting.To);
            if (judgement.IsStop) return new JointContact(meeting.From, meeting.To, judgement, null);
        }

        return null;
    }
}
