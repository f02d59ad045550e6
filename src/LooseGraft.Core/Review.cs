using System.Collections.Concurrent;
using System.Collections.Immutable;
using System.Runtime.CompilerServices;
using LooseGraft.Core.Buy;
using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Asking;
using LooseGraft.Core.Cool.Cures;
using LooseGraft.Core.Cool.Schools;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Placing;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Schools;

namespace LooseGraft.Core;

/// <summary>Everything the product concludes about a graft. Derived, never stored.</summary>
/// <param name="Graft">The graft as it is in use, without what is set aside.</param>
/// <param name="Stages">What each stage concludes.</param>
/// <param name="Findings">What all rules say, heaviest first, in working order within one weight.</param>
public sealed record Review(Graft Graft, StageReviews Stages, ImmutableArray<Finding> Findings)
{
    // Whoever asks for more begins anew.
    private const int MostAnswers = 64;

    // What is looked at in one place of the bench only is worked out when somebody looks, and once.
    private readonly ConcurrentDictionary<string, SchoolAdvice> _schools = [];
    private readonly ConcurrentDictionary<string, BoardPlacement?> _places = [];
    private readonly ConcurrentDictionary<string, ImmutableArray<SupplyChoice>> _otherSupplies = [];
    private readonly ConcurrentDictionary<(string Part, HotKind Kind), CureList?> _cures = [];
    private readonly ConcurrentDictionary<CoolQuestion, CoolAnswer?> _answers = [];
    private StrongBox<ImmutableArray<ProveEntry>>? _proveList;
    private Tuple<Surroundings, Review>? _seen;

    /// <summary>Reviews a graft: every stage, every rule. A pure function; the same graft always gives the same review.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="before">The review of the same graft before an edit, from which what the edit left alone is taken over.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up; null for one that is waited for in any case.</param>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public static Review Of(Graft graft, Review? before = null, ReviewWork? work = null) => Of(graft, Core.Stages.All, before, work);

    /// <summary>The same by other stages than those there are.</summary>
    internal static Review Of(Graft whole, ImmutableArray<StageDefinition> stages, Review? before, ReviewWork? work)
    {
        var graft = whole.InUse();
        (Graft, StageReviews)? old = before is null ? null : (before.Graft, before.Stages);
        var begun = ImmutableArray<(Stage Stage, Task<IStageReview> Review)>.Empty;
        foreach (var stage in stages)
        {
            var asked = begun.RemoveAll(each => !stage.Asks.Contains(each.Stage));
            work?.Begin(stage.Stage, Gathered(begun));
            // Where nobody asks how far it is, stages that ask nothing of each other are worked out side by side: a check from the shell is half of it
            // compiling, which another processor may share. Each waits for those it asks, so none may sit on a thread of the pool on which another
            // has yet to begin: with few processors they have waited for each other for good.
            begun = begun.Add((stage.Stage, work is null ? OnItsOwn(() => Look(stage, asked)) : Task.FromResult(Look(stage, asked))));
        }

        var reviews = Gathered(begun);
        return new Review(graft, reviews, InOrder(reviews)) { Whole = whole };

        static Task<IStageReview> OnItsOwn(Func<IStageReview> look)
            => Task.Factory.StartNew(look, CancellationToken.None, TaskCreationOptions.LongRunning, TaskScheduler.Default);

        IStageReview Look(StageDefinition stage, ImmutableArray<(Stage, Task<IStageReview>)> asked)
            => stage.Review(new StageInput(graft, whole, Gathered(asked), old, work ?? new ReviewWork()));
    }

    /// <summary>The same review by somebody who knows the day and what is owned. Only the stages on which that bears are worked out again.</summary>
    public Review SeenFrom(Surroundings around)
    {
        if (around == Surroundings.None) return this;
        if (_seen is { } known && known.Item1 == around) return known.Item2;
        var reviews = Core.Stages.All.Where(stage => stage.LooksAround)
            .Aggregate(Stages, (all, stage) => all.With(
                stage.Stage, stage.Review(new StageInput(Graft, Whole, all, null, new ReviewWork()) { Around = around })));
        // What was worked out on demand rests on other stages, and is taken over.
        var seen = this with { Stages = reviews, Findings = InOrder(reviews), Around = around, _seen = null };
        _seen = Tuple.Create(around, seen);
        return seen;
    }

    /// <summary>What lay outside the graft when it was looked at.</summary>
    public Surroundings Around { get; private init; } = Surroundings.None;

    private Graft Whole { get; init; } = Graft;

    private static ImmutableArray<Finding> InOrder(StageReviews reviews)
        => [.. reviews.Findings.OrderByDescending(finding => finding.Severity).ThenBy(finding => finding.Rule.Stage)];

    private static StageReviews Gathered(ImmutableArray<(Stage Stage, Task<IStageReview> Review)> begun)
        => begun.Aggregate(StageReviews.None, (reviews, each) => reviews.With(each.Stage, each.Review.GetAwaiter().GetResult()));

    /// <summary>What the old case left behind.</summary>
    public StockReview Stock => Stages.Of<StockReview>();

    /// <summary>What was measured and seen.</summary>
    public ProveReview Prove => Stages.Of<ProveReview>();

    /// <summary>Where everything goes.</summary>
    public SeatReview Seat => Stages.Of<SeatReview>();

    /// <summary>How its ports meet.</summary>
    public WireReview Wire => Stages.Of<WireReview>();

    /// <summary>What its supplies carry.</summary>
    public FeedReview Feed => Stages.Of<FeedReview>();

    /// <summary>How warm it gets.</summary>
    public CoolReview Cool => Stages.Of<CoolReview>();

    /// <summary>What it costs.</summary>
    public BuyReview Buy => Stages.Of<BuyReview>();

    /// <summary>What each school would do at a joint. Worked out when first asked for.</summary>
    public SchoolAdvice SchoolsFor(JointReview joint) => _schools.GetOrAdd(joint.Joint.Id, _ => SchoolAdvisor.Of(Graft, joint));

    /// <summary>How a board stands where it is, judged as a place it might be put to. Worked out when first asked for.</summary>
    public BoardPlacement? PlaceOf(SeatedBoard board) => _places.GetOrAdd(board.Seat.Part, _ => Placements.Judge(Graft, board.Seat));

    /// <summary>Every usual supply in place of one, those that carry it and lose least first. Worked out when first asked for.</summary>
    public ImmutableArray<SupplyChoice> InPlaceOf(SupplyReview supply)
        => _otherSupplies.GetOrAdd(supply.Supply.Id, _ => SupplyChoice.InPlaceOf(Graft, Feed, supply, Seat.Reaches));

    /// <summary>What would make a hot thing cooler; null where it is not there. Worked out when first asked for.</summary>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public CureList? CuresFor(string part, HotKind kind, ReviewWork work) => _cures.GetOrAdd((part, kind), _ =>
        Cool.At(HeatCase.Peak).Find(part, kind) is { } spot ? CureTrials.Of(Graft, Feed, Cool, spot, work) : null);

    /// <summary>What it takes for a hot thing to stay under a temperature; null where that cannot be answered. Worked out when first asked for.</summary>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public CoolAnswer? AnswerTo(CoolQuestion question, ReviewWork work)
    {
        if (_answers.Count > MostAnswers) _answers.Clear();
        return _answers.GetOrAdd(question, asked => CoolAsking.Of(Graft, Feed, asked, work));
    }

    /// <summary>The four schools of judging whether the heat gets out, side by side at peak.</summary>
    public HeatSchools HeatSchools => HeatSchools.Of(Graft, Cool.Scene, Cool.At(HeatCase.Peak), Cool.Read);

    /// <summary>Every fact that is not proven.</summary>
    public ImmutableArray<UnprovenFact> Unproven => Prove.Unproven;

    /// <summary>The unproven facts, those first whose proof could change most. Worked out when first asked for.</summary>
    public ImmutableArray<ProveEntry> ProveList => ProveListBy(new ReviewWork());

    /// <summary>Whether <see cref="NextCut"/> waits for <see cref="ProveList"/>.</summary>
    public bool IsNextCutWeighed
        => !Unproven.IsEmpty && !Graft.Parts.IsEmpty && !Graft.Joints.IsEmpty && !Graft.Supplies.IsEmpty && HeaviestFinding is null;

    private Finding? HeaviestFinding => Findings.FirstOrDefault(finding => finding.Severity > Severity.Note);

    /// <summary>How many stops are open.</summary>
    public int Stops => Findings.Count(finding => finding.Severity == Severity.Stop);

    /// <summary>The findings of one stage, heaviest first.</summary>
    public IEnumerable<Finding> At(Stage stage) => Findings.Where(finding => finding.Rule.Stage == stage);

    /// <summary>The most useful thing to do now: the remedy of the heaviest finding, or the first thing still missing.</summary>
    public NextCut NextCut
    {
        get
        {
            if (HeaviestFinding is { } finding)
            {
                var why = finding.Severity == Severity.Stop && Stops > 1 ? $"{finding.Message} One of {Stops} stops." : finding.Message;
                return new NextCut(finding.Remedies[0].Capitalised(), why, finding.Subject, finding.Rule.Stage);
            }

            if (Graft.Parts.IsEmpty)
                return new NextCut("Describe the board you want to move", "nothing can be judged before there is a part with a port", Subject.Whole,
                    Stage.Stock);
            if (Graft.Joints.IsEmpty)
                return new NextCut("Choose which port meets which", "no joint has been decided yet", Subject.Whole, Stage.Wire);
            if (Graft.Supplies.IsEmpty)
                return new NextCut("Type in the label of the supply", "nothing feeds this graft yet", Subject.Whole, Stage.Feed);
            return Unproven.IsEmpty
                ? new NextCut("Start building", "nothing stands against it in what is known so far", Subject.Whole, Stage.Build)
                : new NextCut("Prove the first open fact", ProveList[0].Worst?.ToString() ?? ProveList[0].Fact.Words, ProveList[0].Fact.Subject, Stage.Prove);
        }
    }

    /// <summary>The prove list, worked out by the way unless it is known already.</summary>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public ImmutableArray<ProveEntry> ProveListBy(ReviewWork work)
    {
        if (_proveList is { } known) return known.Value;
        work.Begin(Stage.Prove, Stages);
        var list = Core.Prove.ProveList.Of(Graft, Stages.Of<ProveReview>().Unproven, RulesOf, work);
        _proveList = new StrongBox<ImmutableArray<ProveEntry>>(list);
        return list;
    }

    private Func<Graft, IEnumerable<Finding>> RulesOf(FactField field) => field switch
    {
        FactField.Contacts => graft => WireStage.FindingsOfContacts(graft, Stages.Of<WireReview>()),
        FactField.Feed => graft => FeedStage.Review(graft, Stages.Of<WireReview>().Circuit.Netlist).Findings,
        _ => graft => SeatStage.FindingsOfBoards(graft),
    };
}
