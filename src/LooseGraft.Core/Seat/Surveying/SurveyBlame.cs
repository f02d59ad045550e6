using System.Collections.Immutable;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>
/// Finds which readings do not fit, by fitting with each in turn left out or read with a unit: what is left out cannot bend the rest. The squares of what is
/// left fall by the square of a reading's own weight when it goes; readings whose squares fall alike cannot be told apart.
/// </summary>
internal sealed class SurveyBlame
{
    /// <summary>Residuals over this many standard deviations do not belong to the rest: once in a thousand by chance (Baarda, A testing procedure for use in
    /// geodetic networks, 1968).</summary>
    public const double SuspectAt = 3.29;

    private const double Significant = SuspectAt * SuspectAt;
    private const int MostDoubts = 4;
    private const int FewestTried = 6;
    private const int TriedHard = 3;

    // As much as a slip of some ten deviations: a unit is left off about as often.
    private const double OfUnit = 5;

    private readonly SurveySystem _all;
    private readonly List<UnitReading> _units = [];
    private readonly List<(Candidate Slip, ImmutableArray<Candidate> Rivals)> _slips = [];

    private SurveyBlame(SurveySystem system, SurveyFit fit)
    {
        (_all, System, Fit) = (system, system, fit);
    }

    /// <summary>The distances that count.</summary>
    public SurveySystem System { get; private set; }

    /// <summary>The places that follow from them.</summary>
    public SurveyFit Fit { get; private set; }

    /// <summary>Where they may lie as well: where readings cannot be told apart, or points fit on the other side of a line.</summary>
    public ImmutableArray<(SurveySystem System, SurveyFit Fit)> Rivals { get; private set; } = [];

    // How little speaks for it: what is left, and what each slip and each unit left off is thought unlikely.
    private double Rank => Fit.Rank + (_units.Count * OfUnit) + _slips.Sum(pair => pair.Slip.Unlikely);

    /// <summary>Takes out, or reads with a unit, what does not fit.</summary>
    public static SurveyBlame Of(SurveySystem system)
    {
        var fit = SurveyFit.Best(system);
        var blame = new SurveyBlame(system, fit);
        blame.LeaveOut();
        if (!fit.IsPlausible(system) && SurveyConsensus.Of(system) is { Read.Count: > 0 } agreed)
        {
            var other = new SurveyBlame(agreed.System, SurveyFit.From(agreed.System, agreed.At));
            other._units.AddRange(agreed.Read);
            other.LeaveOut();
            if (other.Rank < blame.Rank) blame = other;
        }

        var (best, asWell) = blame.Fit.Inside(blame.System).Settled(blame.System, Significant);
        blame.Fit = best;
        blame.Rivals =
        [
            .. asWell.Select(other => (blame.System, other)),
            .. blame._slips.SelectMany(pair => pair.Rivals).Select(rival => (rival.System, rival.Fit)),
        ];
        return blame;
    }

    /// <summary>What is to be told of them.</summary>
    public ImmutableArray<SurveyDoubt> Doubts(ImmutableArray<SurveyedPoint> points) =>
    [
        .. _units.Select(read => Doubt(read.Equation, read.Unit, [], points)),
        .. _slips.Select(pair => Doubt(pair.Slip.Equation, UnitOf(pair.Slip.Equation), pair.Rivals, points)),
    ];

    private SurveyDoubt Doubt(SurveySystem.Equation equation, string? unit, ImmutableArray<Candidate> rivals, ImmutableArray<SurveyedPoint> points)
        => new(equation.Span, equation.Middle, System.Say(equation, Fit.At), unit, unit is null ? [.. rivals.Select(rival => rival.Equation.Span)] : [],
            unit is null && !rivals.IsEmpty ? SurveyPlanner.Between(_all, Fit.At, rivals[0].Fit.At, points) : null);

    // The unit with which a reading that was left out fits after all.
    private string? UnitOf(SurveySystem.Equation equation)
    {
        var spread = SurveySpread.Of(System, Fit.At);
        return SurveyText.WithUnits(equation.Span).Where(read => spread.WeightOutside(_all, _all.Reading(read.Span), Fit.At) <= SuspectAt)
            .Select(read => read.Unit).FirstOrDefault();
    }

    private void LeaveOut()
    {
        while (_slips.Count < MostDoubts)
        {
            var spread = SurveySpread.Of(System, Fit.At);
            var weights = System.Equations.ToDictionary(equation => equation, equation => spread.Weight(System, equation, Fit.At));
            if (weights.Values.All(weight => weight is null or <= SuspectAt)) return;
            var tried = Worst().Where(equation => weights[equation] is not null).Select(equation => (Equation: equation, System: System.Without(equation)))
                .Select(pair => new Candidate(pair.Equation, pair.System, Refit(pair.System))).OrderBy(one => one.Rank).ToArray();
            if (tried is [{ } first, ..] && !first.Fit.IsPlausible(first.System))
            {
                var hard = Math.Min(TriedHard, SurveyFit.Spare(System));
                tried = [.. tried.Select((one, index) => index < hard ? one with { Fit = SurveyFit.Best(one.System) } : one).OrderBy(one => one.Rank)];
            }

            if (tried.Length == 0 || Fit.Rank - tried[0].Fit.Rank <= Significant) return;
            _slips.Add((tried[0], [.. tried.Skip(1).Where(one => one.Rank - tried[0].Rank <= Significant)]));
            (System, Fit) = (tried[0].System, tried[0].Fit);
        }
    }

    // All of what a desk measures; of a survey of hundreds those that are farthest off.
    private IEnumerable<SurveySystem.Equation> Worst()
        => System.Equations.OrderByDescending(equation => Math.Abs(equation.Middle - System.Say(equation, Fit.At)) / equation.Deviation)
            .Take(Math.Max(FewestTried, SurveyFit.Spare(System)));

    // From where the others lie now, and from the readings alone: what was bent may not find back.
    private SurveyFit Refit(SurveySystem system)
    {
        var near = SurveyFit.From(system, Fit.At);
        if (near.IsPlausible(system)) return near;
        var anew = SurveyFit.From(system, SurveyStart.Of(system));
        return anew.Rank < near.Rank ? anew : near;
    }

    private sealed record Candidate(SurveySystem.Equation Equation, SurveySystem System, SurveyFit Fit)
    {
        // Slips of every size are about as likely by decades, so a large one must explain more.
        public double Unlikely { get; } = 2 * Math.Log(Math.Max(1, Math.Abs(Equation.Middle - System.Say(Equation, Fit.At)) / Equation.Deviation));

        public double Rank => Fit.Rank + Unlikely;
    }
}
