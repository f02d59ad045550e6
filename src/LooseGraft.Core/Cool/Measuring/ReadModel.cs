using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Measuring;

/// <summary>What would be read for some factors: one for all air, one for the cooler of each part that was read.</summary>
/// <remarks>The air comes to rest anew only where something moves it: its own factor, and the contact of what a board slows its fans by. Any other contact
/// makes its own part warmer and nothing else, which is worked out in the air that is there.</remarks>
internal sealed class ReadModel
{
    // A fit that hardly settles asks for ever new ones; what it asked for long ago it does not ask for again.
    private const int MostRests = 64;

    private readonly ReviewWork _work;
    private readonly (ReadCondition Condition, CoolScene Scene, CoolSolver Solver, CoolState Base, int[] Spots)[] _conditions;
    private readonly (HeatReading Reading, int Condition)[] _read;
    private readonly int[] _moving;
    private CoolState[] _last;
    private readonly Dictionary<ValueList<double>, CoolState[]> _rests = [];

    /// <summary>Takes over readings, and works out where the shell rests for each way that it stood when they were taken.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="flows">What its parts take.</param>
    /// <param name="readings">The readings.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    public ReadModel(Graft graft, FeedFlows flows, HeatReading[] readings, ReviewWork work)
    {
        _work = work;
        // The factors never add up: they stand upon the graft without any that were taken over before.
        var bare = graft.WithCooling(cooling => cooling with
        {
            AirFactor = null,
            Coolers = [.. cooling.Coolers.Select(cooler => cooler with { Contact = null })],
        });
        var conditions = readings.Select(ReadCondition.Of).Distinct().ToList();
        _conditions = [.. work.Each(conditions, "reading of a temperature").Select(condition =>
        {
            var scene = condition.SceneOf(bare, flows);
            var solver = new CoolSolver(scene);
            var spots = Enumerable.Range(0, scene.Spots.Length).Where(at => readings.Any(reading => reading.Part == scene.Spots[at].Part));
            return (condition, scene, solver, solver.Likely(condition.Work), spots.ToArray());
        })];
        _read = [.. from reading in readings
                    let at = conditions.IndexOf(ReadCondition.Of(reading))
                    where double.IsFinite(ReadCondition.In(_conditions[at].Scene, _conditions[at].Base, reading))
                    select (reading, at)];
        Parts = [.. (from read in _read
                     from spot in _conditions[read.Condition].Scene.Spots
                     where spot.Part == read.Reading.Part && spot.Cooler is not null
                     select spot.Part).Distinct()];
        _last = [.. _conditions.Select(at => at.Base)];
        _moving = [0, .. Enumerable.Range(1, Parts.Length).Where(at => _conditions.Any(each => each.Scene.Fans.Any(fan => fan.Board == Parts[at - 1])))];
    }

    /// <summary>The readings of which something is worked out.</summary>
    public IEnumerable<HeatReading> Readings => _read.Select(read => read.Reading);

    /// <summary>The parts whose coolers were read.</summary>
    public string[] Parts { get; }

    /// <summary>The room in which a reading was taken, in degrees Celsius.</summary>
    public double RoomOf(int reading) => _conditions[_read[reading].Condition].Base.Room;

    /// <summary>What would be read, in degrees Celsius.</summary>
    /// <param name="logarithms">Of the factor of the air, and of those of the coolers of <see cref="Parts"/>.</param>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public double[] Predict(double[] logarithms)
    {
        _work.ThrowIfGivenUp();
        var figures = _conditions.Select(at => Figures(at.Scene, logarithms)).ToArray();
        ValueList<double> key = [.. _moving.Select(at => logarithms[at])];
        if (!_rests.TryGetValue(key, out var rests))
        {
            if (_rests.Count >= MostRests) _rests.Clear();
            // Little changes from one to the next.
            rests = [.. _conditions.Select((at, index) => at.Solver.Near(figures[index], at.Condition.Work, _last[index]))];
            _rests[key] = _last = rests;
        }

        var states = _conditions.Select((at, index) => at.Solver.InAirOf(rests[index], figures[index], at.Condition.Work, at.Spots)).ToArray();
        return [.. _read.Select(read => ReadCondition.In(_conditions[read.Condition].Scene, states[read.Condition], read.Reading))];
    }

    private double[] Figures(CoolScene scene, double[] logarithms)
    {
        var figures = scene.Figures.Likely();
        figures[scene.AirFactor] = Math.Exp(logarithms[0]);
        foreach (var spot in scene.Spots)
        {
            if (Array.IndexOf(Parts, spot.Part) is >= 0 and var part) figures[spot.Contact] = Math.Exp(logarithms[1 + part]);
        }

        return figures;
    }
}
