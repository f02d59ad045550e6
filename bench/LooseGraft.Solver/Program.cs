using System.Collections.Immutable;
using System.Diagnostics;
using LooseGraft.Bench;
using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Solver;

// Holds the named ends of the choice against a general exact solver's, both on one thread: dotnet run -c Release --project bench/LooseGraft.Solver -- [SEEDS].
// Ends with 1 where ours is not the solver's optimum, or not within what the solver could prove.
var seeds = args is [var typed] && int.TryParse(typed, out var count) && count > 0 ? count : 3;
var wrong = 0;
Console.WriteLine("joints, needs, offers, seed | end | ours, ms | solver, ms | ours against the solver's");
foreach (var (joints, needs, offers) in new[] { (5, 7, 40), (15, 10, 100), (28, 12, 200) })
{
    foreach (var kits in new[] { 0, 25, 5 })
    {
        for (var seed = 1; seed <= seeds; seed++)
        {
            var problem = GeneratedChoice.Of(joints, needs, offers, seed);
            if (kits > 0) problem = WithKits(problem, kits, seed);
            var (whole, quick) = (Least(problem, way => way.Acts), Least(problem, way => way.Steps));
            Compare("cheapest", problem, points => points.Min(point => point.Money), solver => solver.Cheapest());
            Compare("soonest", problem, points => points.MinBy(point => (point.Days, point.Money))!.Money, solver => solver.Soonest());
            Compare("leaves most whole", whole, points => points.Min(point => point.Money), solver => solver.Cheapest());
            Compare("least at the bench", quick, points => points.Min(point => point.Money), solver => solver.Cheapest());

            void Compare(string end, ChoiceProblem of, Func<IEnumerable<ChoicePoint>, long> ours, Func<SolvedChoice, (long AtLeast, long Found)> theirs)
            {
                // As a page asks: money by days, with the steps that it has.
                var (front, ms) = Timed(() => ChoiceSearch.Of(of, ChoiceCosts.Days, new ChoiceWork(400_000)));
                var (solved, solverMs) = Timed(() => theirs(new SolvedChoice(of)));
                long? money = front.Points.IsEmpty ? null : ours(front.Points);
                var isRight = solved.AtLeast <= money && money <= solved.Found;
                if (front.IsWhole && !isRight) wrong++;
                var ranOut = money is { } found ? $"ours ran out of steps, {100.0 * (found - solved.Found) / solved.Found:0.#} % above its best" : "ours ran out of steps and found nothing";
                var words = !front.IsWhole ? ranOut : !isRight ? $"WRONG: {money}, not {solved}"
                    : solved.AtLeast == solved.Found ? "the same" : $"within what it proved in its time, {Percent(solved.Found, money!.Value)} below its best";
                Console.WriteLine($"{joints}, {needs}, {offers}{(kits > 0 ? $", every {kits}th a kit" : "")}, {seed} | {end} | {ms:0} | {solverMs:0} | {words}");
            }
        }
    }
}

return wrong == 0 ? 0 : 1;

static string Percent(long more, long less) => $"{100.0 * (more - less) / more:0.#} %";

// One in so many packs holds something else as well, and one in as many does for a second need.
static ChoiceProblem WithKits(ChoiceProblem problem, int every, int seed)
{
    var random = new Random(seed);
    return problem with
    {
        Packs = [.. problem.Packs.Select((pack, at) => at % every == 0 ? Kit(pack) : at % every == 2 ? Twofold(pack) : pack)],
    };

    ChoicePack Kit(ChoicePack pack) => pack with { Contents = pack.Contents.Add(new ChoiceContent(random.Next(1, 3), [random.Next(problem.Needs)])) };

    ChoicePack Twofold(ChoicePack pack)
        => pack with { Contents = [pack.Contents[0] with { Needs = [.. pack.Contents[0].Needs.Append(random.Next(problem.Needs)).Distinct()] }] };
}

// Every joint made with the least of a cost.
static ChoiceProblem Least(ChoiceProblem problem, Func<ChoiceWay, int> cost)
    => problem with { Joints = [.. problem.Joints.Select(ways => ways.Where(way => cost(way) == ways.Min(cost)).ToImmutableArray())] };

static (T Value, double Ms) Timed<T>(Func<T> work)
{
    var watch = Stopwatch.StartNew();
    var value = work();
    return (value, watch.Elapsed.TotalMilliseconds);
}
