using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Wire.Adapters;
using LooseGraft.Core.Wire.Leads;
using LooseGraft.Core.Wire.Suggesting;

namespace LooseGraft.Core.Wire.Schools;

/// <summary>Works out what each school would do with one joint.</summary>
/// <remarks>Every plan is judged as if it had been decided: its verdict, its losses and its meter sheet are those that the joint would then have.</remarks>
internal sealed class SchoolPlans(Graft graft, JointReview review)
{
    // What an adapter made for one model costs where strangers sell it (common practice); nobody guarantees that there is one.
    private static readonly PriceSpan MadeForOneModel = new(8, 15, 30);

    private ValueList<Conductor> Wanted => [.. review.Proposal.Select(row => new Conductor(row.From, row.To))];

    private bool HasLooseEnds => review.From.Port.Type.Housing == Housing.Loose || review.To.Port.Type.Housing == Housing.Loose;

    private bool GoesOn => review.FitProblems.IsEmpty;

    /// <summary>A plan for the school, or why it has none.</summary>
    public (SchoolPlan? Plan, string Why) Of(JointSchool school) => review.Proposal.IsEmpty
        ? (null, "no two positions of these ports belong together, as far as they are described")
        : school switch
        {
            JointSchool.BuyAdapter => Buy(),
            JointSchool.ChangeLeads => ChangeLeads(),
            _ => ChangeBoard(),
        };

    /// <summary>The joint as it was decided, with the work that this takes; null while it is only pushed on, or left off.</summary>
    /// <param name="decided">The joint as it stands.</param>
    public static SchoolPlan? AsDecided(JointReview decided)
    {
        var (wires, ties) = (decided.Joint.Wires.Length, new Work("bridge", decided.Joint.Ties.Length));
        var link = ties with { Act = "link-in-lead" };
        return decided.Joint.Method switch
        {
            JointMethod.Adapter => Made(JointSchool.BuyAdapter, new Work("plug-in", 2)),
            JointMethod.Repin => Made(JointSchool.ChangeLeads, new Work("move-terminal", wires), link),
            JointMethod.Splice => Made(JointSchool.ChangeLeads, new Work("new-end", 1), new Work("crimp", wires), link),
            JointMethod.Rebuild => Made(JointSchool.ChangeLeads, new Work("housing", 1), new Work("crimp", wires), link),
            JointMethod.Bridge => Made(JointSchool.ChangeBoard, new Work("solder-to-board", wires), ties),
            _ => null,
        };

        SchoolPlan Made(JointSchool school, params Work[] works) => Plan(school, "as it was decided", [], PriceSpan.Free, works, decided, "");
    }

    private (SchoolPlan?, string) Buy()
    {
        if (HasLooseEnds) return (null, "loose ends have no plug for an adapter to go on");
        if (AdapterSearch.Find(review.Joint, review.From, review.To, Adapter.Sold.Concat(Adapter.In(graft))).FirstOrDefault() is { } chain)
        {
            var names = chain.Adapters.Select(adapter => adapter.IsOwned ? $"{adapter.Name}, owned" : adapter.Name).ToImmutableArray();
            return (Plan(JointSchool.BuyAdapter, string.Join(", then ", names), names, chain.Price, [new("plug-in", chain.Adapters.Length + 1)], chain.Review,
                string.Join(" ", chain.Adapters.Select(adapter => adapter.Gloss).Distinct())), "");
        }

        return review.From.Port.HasUsualPinout && review.To.Port.HasUsualPinout
            ? (null, "both ends are standard, and no adapter in trade joins them")
            : (Plan(JointSchool.BuyAdapter, "an adapter made for exactly this model", [$"adapter for {review.From.Part.Name}, {review.From.Port.Name}"],
                MadeForOneModel, [new("plug-in", 2)],
                Judged(JointMethod.Adapter, Wanted, []),
                "There may be none, or one for another revision; strangers wire them. Beep out every contact of it against the wire table before it meets the board."), "");
    }

    private (SchoolPlan?, string) ChangeLeads()
    {
        var ties = TieTable.Propose(review.From, review.To, Wanted);
        var link = new Work("link-in-lead", ties.Length);
        if (GoesOn)
        {
            var moved = review.Proposal.Count(row => !row.Stays);
            var lifted = Lifted().Count();
            if (moved + lifted > 0 && ties.IsEmpty && PlugPlaces.WithoutTool(review.From, review.To, LikelyPlace.Taken(graft, review.Joint)) is { } place)
            {
                return (Plan(JointSchool.ChangeLeads, $"push it {place.Words}, as it is", [], PriceSpan.Free, [new("plug-in", 1)],
                    Judged(JointMethod.Straight, [], [], place), "Pushed on elsewhere it meets other contacts: mark both halves."), "");
            }

            return (Plan(JointSchool.ChangeLeads, moved + lifted + ties.Length == 0 ? "push it on as it is" : "move the terminals in the shell's own housing",
                [],
                PriceSpan.Free,
                moved + lifted + ties.Length == 0 ? [new("plug-in", 1)] : [new("move-terminal", moved), new("lift-terminal", lifted), link],
                Judged(moved + lifted + ties.Length == 0 ? JointMethod.Straight : JointMethod.Repin, Wanted, ties),
                "A terminal not seated to the click slides out when pushed on; tug each."), "");
        }

        var isLoose = review.To.Port.Type.Housing == Housing.Loose;
        var method = isLoose ? JointMethod.Rebuild : JointMethod.Splice;
        return (Plan(JointSchool.ChangeLeads, isLoose ? "crimp a plug to the loose ends" : "cut off the plug and crimp one that fits",
            [$"housing and terminals for {review.From.Port.Name}, pitch {review.From.Port.Pitch}"], PriceSpan.Free,
            [isLoose ? new("housing", 1) : new("new-end", 1), new("crimp", review.Proposal.Length), link], Judged(method, Wanted, ties),
            "Every wire goes by the table, not by its place in the old plug. Beep out each crimp."), "");
    }

    private (SchoolPlan?, string) ChangeBoard()
    {
        if (review.From.Part.Kind is not (PartKind.Board or PartKind.Converter)) return (null, $"{review.From.Part.Name} is no board that one would solder to");
        var isHarmless = GoesOn && review.Pushed.All(contact => contact.Judgement.Severity is null or Findings.Severity.Note);
        var ties = TieTable.Propose(review.From, review.To, isHarmless ? [.. Met()] : Wanted);
        return isHarmless
            ? (Plan(JointSchool.ChangeBoard, ties.IsEmpty ? "nothing to change on the board" : "push the plug on and bridge what is missing on the board", [],
                PriceSpan.Free,
                [new("plug-in", 1), new("bridge", ties.Length)], Judged(ties.IsEmpty ? JointMethod.Straight : JointMethod.Bridge, [.. Met()], ties),
                "A blob too many shorts what lies beside it; look with a magnifier, then beep."), "")
            : (Plan(JointSchool.ChangeBoard, "solder a short lead to the board, with a socket for the shell's plug at its end",
                [$"a socket for {review.To.Port.Name}"], new PriceSpan(0.5m, 1, 2),
                [new("solder-to-board", review.Proposal.Length), new("bridge", ties.Length)], Judged(JointMethod.Bridge, Wanted, ties),
                "Heat lifts pads, and the header stays live beside the new lead: nothing may go on it any more."), "");
    }

    // What meets when it is pushed on, as far as it is right.
    private IEnumerable<Conductor> Met()
        => review.Pushed.Where(contact => contact.Judgement.IsRight).Select(contact => new Conductor(contact.From, contact.To));

    // Terminals that would meet something they must not, and that the table leaves without a place.
    private IEnumerable<int> Lifted()
        => review.Pushed.Where(contact => contact.Judgement.Severity >= Findings.Severity.Check).Select(contact => contact.To)
            .Except(review.Proposal.Select(row => row.To));

    private JointReview Judged(JointMethod method, ValueList<Conductor> wires, ValueList<LeadTie> ties, PlugPlace? place = null)
        => JointJudge.Review(
            review.Joint with
            {
                Method = method,
                Wires = method == JointMethod.Straight ? [] : wires,
                Ties = ties,
                Tests = [],
                PinOneOn = place?.PinOneOn ?? review.Joint.PinOneOn,
                TurnDegrees = place?.TurnDegrees ?? review.Joint.TurnDegrees,
            },
            review.From,
            review.To);

    private static SchoolPlan Plan(
        JointSchool school, string words, ImmutableArray<string> parts, PriceSpan price, IEnumerable<Work> works, JointReview made, string risk)
    {
        var lines = MadeLead.IsMade(made.Joint)
            ? MeterSheets.Of(made.Joint, new PortGrid(made.From.Port), new PortGrid(made.To.Port)).Tests.Length
            : 0;
        var acts = works.Append(new("meter-line", lines)).Where(work => work.Count > 0).Select(work => new PlannedAct(BenchAct.Find(work.Act), work.Count))
            .ToImmutableArray();
        var plan = new SchoolPlan(school, words, parts, price, acts, made, risk);
        return plan.Evidence.IsProven() ? plan : plan with { Risk = $"{risk} It rests on facts that are {plan.Evidence.Words()}: prove them first." };
    }

    private readonly record struct Work(string Act, int Count);
}
