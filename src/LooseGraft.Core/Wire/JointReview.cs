using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Everything there is to say about one joint.</summary>
/// <param name="Joint">The joint.</param>
/// <param name="From">Its fixed side.</param>
/// <param name="To">The side brought to it.</param>
/// <param name="FitProblems">Why the plug does not go on as it is; empty when it does.</param>
/// <param name="Pushed">Contact by contact, what would happen if the two were simply pushed together as intended; also filled when the plug does not go on, as
/// if it did.</param>
/// <param name="Decided">Contact by contact, what happens by the method chosen.</param>
/// <param name="Ties">What comes of the contacts tied with each other at one end.</param>
/// <param name="Proposal">The wire table that would make it right.</param>
/// <param name="PlacementCount">How many ways the hardware lets the plug go on.</param>
/// <param name="Hazards">Those other than the intended one that would destroy something.</param>
/// <param name="Verdict">The verdict.</param>
/// <param name="Findings">What the rules say.</param>
public sealed record JointReview(
    Joint Joint, JointEnd From, JointEnd To,
    ImmutableArray<FitProblem> FitProblems, ImmutableArray<JointContact> Pushed, ImmutableArray<JointContact> Decided, ImmutableArray<TieContact> Ties,
    ImmutableArray<WireRow> Proposal, int PlacementCount, ImmutableArray<PlacementHazard> Hazards,
    JointVerdict Verdict, ImmutableArray<Finding> Findings)
{
    /// <summary>How many wires of the proposal are not joined already.</summary>
    public int WiresToMove => Proposal.Count(row => !row.Stays);

    /// <summary>Contact by contact, what would come of the proposed wire table.</summary>
    public IEnumerable<JointContact> Proposed => Proposal.Select(row => From.Meet(row.From, To, row.To));

    /// <summary>Positions of the fixed port whose wires may change places, as the proposal would be just as good: wires that move anyway, between the same
    /// signals and as much needed.</summary>
    public IEnumerable<IReadOnlyList<int>> Interchangeable
        => Proposal.Where(row => !row.Stays)
            .GroupBy(row => (From.At(row.From).Signal, To.At(row.To).Signal, From.At(row.From).Pin.NeededFor is null, To.At(row.To).Pin.NeededFor is null))
            .Where(same => same.Count() > 1).Select(same => (IReadOnlyList<int>)[.. same.Select(row => row.From)]);

    /// <summary>The heaviest of its findings and its verdict, which may rest on what is told of a part or of a place in the circuit; null where all is
    /// well.</summary>
    public Severity? Worst => Findings.Select(finding => (Severity?)finding.Severity).Append(Weight).Max();

    private Severity? Weight => Verdict.Kind switch
    {
        JointVerdictKind.WouldDamage => Severity.Stop,
        JointVerdictKind.NeedsGoBetween or JointVerdictKind.MoveWires or JointVerdictKind.ProveFirst => Severity.Check,
        _ => null,
    };
}
