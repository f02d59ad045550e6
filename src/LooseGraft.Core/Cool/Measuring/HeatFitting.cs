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
/// The factors are fitted as logarithms, so that half as much and twice as much weigh the same. Each is held near 1 by <see cref="Plausible"/>: readings that
/// say nothing of it leave it there.
/// </remarks>
internal static class HeatFitting
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
        var (air, contacts, fitted) = Fit(new ReadModel(graft, flows, mayCount, work));
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

    // What the graft as it is lets expect, with its bounds.
    private static Dictionary<string, Spread<Celsius>?> Expected(Graft graft, FeedFlows flows, HeatReading[] readings, ReviewWork work)
    {
        var expected = new Dictionary<string, Spread<Celsius>?>();
        foreach (var alike in work.Each([.. readings.GroupBy(ReadCondition.Of)], "reading of a temperature"))
        {
            var condition = alike.Key;
            var scene = condition.SceneOf(graft, flows);
            var likely = new CoolSolver(scene).Likely(condition.Work);
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
    private static (Spread<Factor>? Air, ContactFit[] Contacts, Dictionary<string, (double Hot, bool IsExplained)> Fitted) Fit(ReadModel model)
    {
        var read = model.Readings.ToArray();
        var hot = read.Select(reading => reading.Hot.Value).ToArray();
        var errors = read.Select((reading, at) => ErrorOf(reading, model.RoomOf(at))).ToArray();
        var priors = Enumerable.Repeat(Plausible, 1 + model.Parts.Length).ToArray();
        var counts = Enumerable.Range(0, read.Length).ToList();
        var values = new double[priors.Length];
        while (true)
        {
            (values, var spreads) = PriorFit.Of(at => Of(model.Predict(at)), Of(hot), Of(errors), priors, values);
            var then = model.Predict(values);
            // Of two that are alike the first goes, whatever the last digit says.
            double Left(int at) => Math.Round(Math.Abs(hot[at] - then[at]) / errors[at], 6);
            if (counts.Count > 0 && counts.MaxBy(Left) is var worst && Left(worst) > ExplainedSigmas)
            {
                counts.Remove(worst);
                continue;
            }

            var contacts = from at in Enumerable.Range(0, model.Parts.Length)
                           let times = Times(values[1 + at], spreads[1 + at])
                           where times is not null
                           select new ContactFit(model.Parts[at], times.Value);
            return (Times(values[0], spreads[0]), [.. contacts],
                read.Index().ToDictionary(each => each.Item.Id, each => (then[each.Index], counts.Contains(each.Index))));
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
}
