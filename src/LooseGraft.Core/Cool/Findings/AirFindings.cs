using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Findings;

/// <summary>What the rules say of the air itself, at peak.</summary>
internal static class AirFindings
{
    // What walls carry without anybody noticing: air so much warmer than the room is what a closed box of this size is made for.
    private const double QuietKelvins = 15;
    private const double DrunkKelvins = 3;
    private const double ChokedKelvins = 5;

    public static IEnumerable<Finding> Of(Graft graft, CoolScene scene, CoolOutlook outlook, ReviewWork work)
        => [.. NoWay(scene, outlook), .. Printed(graft, outlook), .. Drunk(scene, outlook), .. Choked(scene, outlook, work), .. Rest(outlook)];

    private static IEnumerable<Finding> NoWay(CoolScene scene, CoolOutlook outlook)
    {
        foreach (var joined in Joined(scene))
        {
            var ways = scene.Ways.Count(way => way.IsToRoom && joined.Contains(way.Inside));
            var watts = scene.Sources.Where(source => joined.Contains(source.Space)).Sum(source => scene.Figures[source.At(HeatCase.Peak)].Likely);
            var walls = joined.Sum(space => HeatBalance.LeastWall + (scene.Spaces[space].Wall is { } wall ? scene.Figures[wall].Likely : 0));
            if (ways > 1 || watts <= walls * QuietKelvins) continue;
            var worst = joined.MaxBy(space => outlook.Spaces[space].Likely.Value);
            var space = scene.Spaces[worst];
            var why = ways == 0 ? "no opening for air leads out of it" : "only one opening leads out of it, and what goes in by it has nowhere to come out";
            yield return Finding.Of(CoolRules.NoWayThrough, new SpaceSubject(space.Id), new NoWayThrough(space.Id, ways, new Watts(watts)),
                $"{space.Name.Capitalised()}: {why}; {new Watts(watts)} at peak warm its air to {outlook.Spaces[worst].Likely}.",
                Evidence.Assumed, "cut a way in low and a way out high, far from each other", "say what covers the openings that there are");
        }
    }

    // Spaces that ways join with each other, the room left out.
    private static IEnumerable<HashSet<int>> Joined(CoolScene scene)
    {
        var left = Enumerable.Range(0, scene.Spaces.Length).ToHashSet();
        while (left.Count > 0)
        {
            var (joined, open) = (new HashSet<int>(), new Stack<int>([left.Min()]));
            while (open.TryPop(out var space))
            {
                if (!joined.Add(space)) continue;
                left.Remove(space);
                foreach (var way in scene.Ways.Where(way => !way.IsToRoom && (way.From == space || way.To == space)))
                    open.Push(way.From == space ? way.To : way.From);
            }

            yield return joined;
        }
    }

    private static IEnumerable<Finding> Printed(Graft graft, CoolOutlook outlook)
    {
        if (graft.Cooling.ShellLimit is { } printed && outlook.Watts.Likely > printed.Value)
        {
            yield return Finding.Of(CoolRules.BeyondPrinted, Subject.Whole, new BeyondPrinted(outlook.Watts.Likely, printed.Value),
                $"The shell's maker prints {printed.Value}; {outlook.Watts} heat its air at peak.", printed.Evidence,
                "see what the air says: the print is for the maker's own fans and room", "hold a part to fewer watts, or take a supply outside");
        }
    }

    private static IEnumerable<Finding> Drunk(CoolScene scene, CoolOutlook outlook)
        => from at in Enumerable.Range(0, scene.Ways.Length)
           let warmer = outlook.State.DrawnAgain[at]
           where warmer > DrunkKelvins
           select Finding.Of(CoolRules.DrinksExhaust, new AirWaySubject(scene.Ways[at].Key), new DrinksExhaust(scene.Ways[at].Key, Math.Round(warmer, 3)),
               $"{scene.Ways[at].Name.Capitalised()}: what it takes in is {warmer:0} K warmer than the room, as warm air comes out right beside it.",
               Evidence.Assumed, "put the two openings farther apart, or on two sides", "a baffle between them, outside");

    // Every filter for itself: what would be won by taking it out.
    private static IEnumerable<Finding> Choked(CoolScene scene, CoolOutlook outlook, ReviewWork work)
    {
        foreach (var way in work.Each([.. scene.Ways.Where(way => way.Filter != AirFilter.None)], "filter"))
        {
            var without = scene with { Ways = scene.Ways.Replace(way, way with { Filter = AirFilter.None }) };
            var state = new CoolSolver(without).Likely(HeatCase.Peak);
            var (spot, won) = outlook.Spots.Select((each, at) => (each.Spot, Won: outlook.State.Spots[at] - state.Spots[at]))
                .Where(each => !double.IsNaN(each.Won)).DefaultIfEmpty().MaxBy(each => each.Won);
            if (spot is null || won <= ChokedKelvins) continue;
            yield return Finding.Of(CoolRules.FilterChokes, new AirWaySubject(way.Key), new FilterChokes(way.Key, spot.Part, Math.Round(won, 3)),
                $"{way.Name.Capitalised()}: its {(way.Filter == AirFilter.Dirty ? "dirty " : "")}filter makes {spot.Name} {won:0} K hotter at peak.", Evidence.Assumed,
                way.Filter == AirFilter.Dirty ? "clean it" : "a coarser or larger one", "leave it out where there is little dust");
        }
    }

    private static IEnumerable<Finding> Rest(CoolOutlook outlook)
    {
        if (outlook.State.IsSettled && outlook.State.OtherState == 0) yield break;
        var words = outlook.State.IsSettled
            ? $"The shell may come to rest in two ways, {outlook.State.OtherState:0} K apart, by how warm it is when work begins; the warmer is given."
            : "The figures do not come to rest: warm air and fans chase each other.";
        yield return Finding.Of(CoolRules.NoOneRest, Subject.Whole, new NoOneRest(Math.Round(outlook.State.OtherState, 3)), words, Evidence.Assumed,
            "give the air one clear way: a fan that pulls through, or openings low and high", "measure it at peak, from cold and again from warm");
    }
}
