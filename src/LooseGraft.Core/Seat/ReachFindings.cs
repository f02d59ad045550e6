using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Reach;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on leads that have to reach.</summary>
internal static class ReachFindings
{
    public static IEnumerable<Finding> Of(ImmutableArray<LeadReach> reaches)
        => reaches.Select(reach =>
        {
            var subject = new RunSubject(reach.Run.Id);
            return reach.Verdict switch
            {
                ReachVerdict.FallsShort => Finding.Of(SeatRules.LeadShort, subject, new LeadShort(reach.Run.Id, reach.Needed!.Value, reach.Had!.Value),
                    $"{reach.Run.Name} is short by {Mm(-reach.Spare!.Value)}: the way{Side(reach.Run)} takes {Mm(reach.Needed.Value.Value)} with drops and slack.",
                    Evidence.Assumed, reach.Cures),
                ReachVerdict.NoWay
                    => Finding.Of(SeatRules.LeadShort, subject, new LeadHasNoWay(reach.Run.Id),
                        $"{reach.Run.Name} has no way{Side(reach.Run)} from one end to the other.",
                    Evidence.Assumed, reach.Cures),
                ReachVerdict.Tight => Finding.Of(SeatRules.LeadTight, subject, new LeadTight(reach.Run.Id, reach.Needed!.Value, reach.Had!.Value),
                    $"{reach.Run.Name} reaches with only {Mm(reach.Spare!.Value)} to spare.", Evidence.Assumed, reach.Cures),
                ReachVerdict.LengthUnknown or ReachVerdict.EndUnknown
                    => Finding.Of(SeatRules.LeadUnmeasured, subject, new LeadUnmeasured(reach.Run.Id, reach.Needed),
                    reach.Verdict == ReachVerdict.EndUnknown ? $"An end of {reach.Run.Name} has no place yet." : $"Nobody measured {reach.Run.Name}.",
                    Evidence.Assumed, reach.Cures),
                _ => null,
            };
        }).OfType<Finding>();

    private static string Side(LeadRun run) => run.Way switch
    {
        LeadWay.Behind => " behind the base",
        LeadWay.InFront => " in front of the base",
        _ => "",
    };
}
