using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Measuring;

/// <summary>Holds readings of temperature against what is worked out, and finds the factors that explain them: one for all air, one for the cooler of each
/// part that was read.</summary>
/// <remarks>
/// The factors are fitted as logarithms, so that half as much and twice as much weigh the same, upon the graft without any that were taken over before; they
/// never add up. Each is held near 1 by <see cref="Plausible"/>: readings that say nothing of it leave it there.
/// </remarks>
internal sealed class HeatFitting
{
    // One standard deviation of the logarithm of a factor before anything is read: a factor of 1.4 either way is nothing special (common practice: covers,
    // dust and leads before grilles; paste and pressure).
    private const double Plausible = 0.35;

    // A space is not quite mixed, and nobody knows where exactly the probe was: kelvins, and a share of what it is above the room (common practice).
    private const double MixedKelvins = 2;
    private const double MixedShare = 0.05;

    // What was not measured on this very machine counts half as much.
    private const double HearsayTimes = 2;

    // Readings tell of a factor where they leave less than this of its spread.
    private const double ToldShare = 0.8;

    // What is left after the fit is explained up to so many standard deviations.
    private const double ExplainedSigmas = 2;

    // 1.645 standard deviations either way hold nine cases in ten.
    private const double NineInTen = 1.645;

    private const int Draws = 100;

    private readonly (HeatReading Reading, int Condition)[] _counted;
    private readonly (ReadCondition Condition, CoolScene Scene, CoolSolver Solver, CoolState Base)[] _conditions;
    private readonly string[] _parts;
    private readonly ReviewWork _work;

    private HeatFitting(Graft graft, FeedFlows flows, HeatReading[] readings, ReviewWork work)
    {
        _work = work;
        var bare = graft.WithCooling(cooling => cooling with
        {
            AirFactor = null,
            Coolers = [.. cooling.Coolers.Select(cooler => cooler with { Contact = null })],
        });
        var conditions = readings.Select(ReadCondition.Of).Distinct().ToList();
        _conditions = [.. work.Each(conditions, "reading of a temperature").Select(condition => At(bare, flows, condition))];
        _counted = [.. from reading in readings
                       let at = conditions.IndexOf(ReadCondition.Of(reading))
                       where double.IsFinite(ReadCondition.In(_conditions[at].Scene, _conditions[at].Base, reading))
                       select (reading, at)];
        _parts = [.. from read in _counted
                     where _conditions[read.Condition].Scene.Spots.Any(spot => spot.Part == read.Reading.Part && spot.Cooler is not null)
                     select read.Reading.Part into part
                     group part by part into parts
                     select parts.Key];
    }

    /// <summary>What the readings of a graft say.</summary>
    /// <param name="graft">The graft in use.</param>
    /// <param name="flows">What its parts take.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public static HeatFit Of(Graft graft, FeedFlows flows, ReviewWork work)
    {
        var all = graft.Cooling.Readings;
        if (all.IsEmpty) return HeatFit.None;
        var mayCount = all.Where(reading => reading is { IsPast: false, Minutes.Value: >= HeatReading.RestMinutes })
            .OrderByDescending(reading => reading.At).Take(HeatFit.MostCounted).ToArray();
        var fitting = new HeatFitting(graft, flows, mayCount, work);
        var (air, contacts, fitted) = fitting.Fit();
        var early = all.Where(reading => !reading.IsPast && IsEarly(reading)).OrderByDescending(reading => reading.At).Take(HeatFit.MostCounted);
        var room = CoolScene.RoomOf(graft).Likely;
        var expected = Expected(graft, flows, [.. mayCount, .. early], work);
        return new HeatFit(air, [.. contacts], [.. all.Select(reading => Against(reading, expected.GetValueOrDefault(reading.Id)))]);

        ReadAgainst Against(HeatReading reading, Spread<Celsius>? range)
        {
            var against = new ReadAgainst(reading, ReadStanding.Past) { Expected = range, Margin = ExplainedSigmas * ErrorOf(reading, room) };
            if (reading.IsPast) return against;
            if (IsEarly(reading)) return against with { Standing = ReadStanding.TooEarly };
            if (!mayCount.Contains(reading)) return against with { Standing = ReadStanding.Older };
            if (!fitted.TryGetValue(reading.Id, out var fit)) return against with { Standing = ReadStanding.Apart };
            against = against with { Fitted = new Celsius(fit.Hot) };
            if (!against.IsHotter && !against.IsCooler) return against with { Standing = ReadStanding.AsExpected };
            var isLoose = contacts.Any(contact => contact.Part == reading.Part && contact.Times.Likely.Value > ContactFit.Most);
            return against with { Standing = isLoose || !fit.IsExplained ? ReadStanding.Unexplained : ReadStanding.Otherwise };
        }
    }

    private static bool IsEarly(HeatReading reading) => reading.Minutes.Value < HeatReading.RestMinutes;

    private static (ReadCondition Condition, CoolScene Scene, CoolSolver Solver, CoolState Base) At(Graft graft, FeedFlows flows, ReadCondition condition)
    {
        var scene = condition.SceneOf(graft, flows);
        var solver = new CoolSolver(scene);
        return (condition, scene, solver, solver.Likely(condition.Work));
    }

    // What the graft as it is lets expect, with its bounds.
    private static Dictionary<string, Spread<Celsius>?> Expected(Graft graft, FeedFlows flows, HeatReading[] readings, ReviewWork work)
    {
        var expected = new Dictionary<string, Spread<Celsius>?>();
        foreach (var alike in work.Each([.. readings.GroupBy(ReadCondition.Of)], "reading of a temperature"))
        {
            var (condition, scene, _, likely) = At(graft, flows, alike.Key);
            var drawn = alike.ToDictionary(reading => reading.Id, _ => new double[Draws]);
            foreach (var (draw, _, state) in CoolBounds.Drawn(scene, condition.Work, likely, Draws, work))
            {
                foreach (var reading in alike) drawn[reading.Id][draw] = ReadCondition.In(scene, state, reading);
            }

            foreach (var reading in alike)
            {
                var then = ReadCondition.In(scene, likely, reading);
                if (double.IsFinite(then)) expected[reading.Id] = CoolBounds.Between<Celsius>(drawn[reading.Id], then);
            }
        }

        return expected;
    }

    // What no factor explains is left out, the worst first, so that it does not spoil what the others say.
    private (Spread<Factor>? Air, ContactFit[] Contacts, Dictionary<string, (double Hot, bool IsExplained)> Fitted) Fit()
    {
        var errors = _counted.Select(read => ErrorOf(read.Reading, _conditions[read.Condition].Base.Room)).ToArray();
        var priors = Enumerable.Repeat(Plausible, 1 + _parts.Length).ToArray();
        var counts = Enumerable.Range(0, _counted.Length).ToList();
        while (true)
        {
            var (values, spreads) = PriorFit.Of(
                at => Of(Predict(at)), Of([.. _counted.Select(read => read.Reading.Hot.Value)]), Of(errors), priors);
            var then = Predict(values);
            // Of two that are alike the first goes, whatever the last digit says.
            double Left(int at) => Math.Round(Math.Abs(_counted[at].Reading.Hot.Value - then[at]) / errors[at], 6);
            if (counts.Count > 0 && counts.MaxBy(Left) is var worst && Left(worst) > ExplainedSigmas)
            {
                counts.Remove(worst);
                continue;
            }

            var contacts = from at in Enumerable.Range(0, _parts.Length)
                           let times = Times(values[1 + at], spreads[1 + at])
                           where times is not null
                           select new ContactFit(_parts[at], times.Value);
            return (Times(values[0], spreads[0]), [.. contacts],
                _counted.Index().ToDictionary(read => read.Item.Reading.Id, read => (then[read.Index], counts.Contains(read.Index))));
        }

        double[] Of(double[] all) => [.. counts.Select(at => all[at])];
    }

    // Nothing where the readings leave a factor about as open as it was.
    private static Spread<Factor>? Times(double logarithm, double spread)
    {
        return spread > ToldShare * Plausible ? null : new(At(-NineInTen), At(0), At(NineInTen));

        Factor At(double sigmas) => new(Math.Round(Math.Exp(logarithm + (sigmas * spread)), 3));
    }

    private static double ErrorOf(HeatReading reading, double room)
    {
        var above = reading.Hot.Value - (reading.Room?.Value ?? room);
        var own = HeatToolFact.Of(reading.Tool).Kelvins / 2 * (reading.Evidence.IsProven() ? 1 : HearsayTimes);
        return Math.Sqrt((own * own) + (MixedKelvins * MixedKelvins) + (MixedShare * above * MixedShare * above));
    }

    private double[] Predict(double[] logarithms)
    {
        _work.ThrowIfGivenUp();
        var states = _conditions.Select(at =>
        {
            var figures = at.Scene.Figures.Likely();
            figures[at.Scene.AirFactor] = Math.Exp(logarithms[0]);
            foreach (var spot in at.Scene.Spots)
            {
                if (Array.IndexOf(_parts, spot.Part) is >= 0 and var part) figures[spot.Contact] = Math.Exp(logarithms[1 + part]);
            }

            return at.Solver.Near(figures, at.Condition.Work, at.Base);
        }).ToArray();
        return [.. _counted.Select(read => ReadCondition.In(_conditions[read.Condition].Scene, states[read.Condition], read.Reading))];
    }
}
