using Google.OrTools.Sat;
using LooseGraft.Core.Buy.Choices.Search;

namespace LooseGraft.Solver;

/// <summary>A choice put to a general exact solver: whole numbers, no thought of ours beyond what the problem says.</summary>
internal sealed class SolvedChoice
{
    private const int MostSeconds = 60;

    private readonly CpModel _model = new();
    private readonly LinearExpr _money;
    private readonly IntVar _days;

    public SolvedChoice(ChoiceProblem problem)
    {
        var ways = problem.Joints.Select(joint => joint.Select(_ => _model.NewBoolVar("way")).ToArray()).ToArray();
        foreach (var joint in ways) _model.AddExactlyOne(joint);
        var packs = problem.Packs.Select(pack => _model.NewIntVar(0, pack.Stock, "packs")).ToArray();
        Meet(problem, ways, packs);
        _days = _model.NewIntVar(0, problem.Sellers.Select(seller => seller.Days).DefaultIfEmpty(0).Max(), "days");
        var terms = packs.Select((count, pack) => count * problem.Packs[pack].Cost).ToList();
        foreach (var (index, seller) in problem.Sellers.Index())
        {
            var (isUsed, isFree) = (_model.NewBoolVar("seller"), _model.NewBoolVar("free"));
            var own = problem.Packs.Index().Where(pack => pack.Item.Seller == index).Select(pack => pack.Index).ToArray();
            foreach (var pack in own) _model.Add(packs[pack] <= problem.Packs[pack].Stock * isUsed);
            _model.Add(_days >= seller.Days * isUsed);
            _model.AddImplication(isFree, isUsed);
            if (seller.FreeFrom is { } free) _model.Add(LinearExpr.Sum(own.Select(pack => packs[pack] * problem.Packs[pack].Price)) >= free * isFree);
            else _model.Add(isFree == 0);
            terms.Add((isUsed - isFree) * seller.Postage);
        }

        _money = LinearExpr.Sum(terms);
    }

    /// <summary>The least money, in millionths: the least that it may be and the least that was found, which are one where there was time to prove
    /// it.</summary>
    public (long AtLeast, long Found) Cheapest() => Least(_money);

    /// <summary>The same among the choices with the fewest days.</summary>
    public (long AtLeast, long Found) Soonest()
    {
        _model.Add(_days <= Least(_days).Found);
        return Least(_money);
    }

    private (long AtLeast, long Found) Least(LinearExpr cost)
    {
        _model.Minimize(cost);
        // One thread, as the search of ours has.
        var solver = new CpSolver { StringParameters = $"num_workers:1 max_time_in_seconds:{MostSeconds}" };
        var status = solver.Solve(_model);
        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible)) throw new InvalidOperationException($"The solver says {status}.");
        return ((long)Math.Round(solver.BestObjectiveBound), (long)Math.Round(solver.ObjectiveValue));
    }

    // What is asked for is given piece by piece out of what is in the packs.
    private void Meet(ChoiceProblem problem, BoolVar[][] ways, IntVar[] packs)
    {
        var given = Enumerable.Range(0, problem.Needs).Select(_ => new List<LinearExpr>()).ToArray();
        foreach (var (pack, count) in problem.Packs.Zip(packs))
        {
            foreach (var content in pack.Contents)
            {
                var most = (long)content.Count * pack.Stock;
                var parts = content.Needs.Select(need =>
                {
                    var part = _model.NewIntVar(0, most, "given");
                    given[need].Add(part);
                    return part;
                }).ToArray();
                _model.Add(LinearExpr.Sum(parts) <= count * content.Count);
            }
        }

        foreach (var need in Enumerable.Range(0, problem.Needs))
        {
            // A need of what stays as it is has no way that asks for it.
            var asks = problem.Fixed.Select(ask => (Way: (BoolVar?)null, Ask: ask)).Concat(
                    from joint in problem.Joints.Index()
                    from way in joint.Item.Index()
                    from ask in way.Item.Asks
                    select (Way: (BoolVar?)ways[joint.Index][way.Index], Ask: ask))
                .Where(each => each.Ask.Need == need).ToArray();
            if (asks.Length == 0) continue;
            var own = asks.Where(each => each.Ask.Once is null)
                .Select(each => each.Way is null ? LinearExpr.Constant(each.Ask.Amount) : each.Way * each.Ask.Amount);
            var shared = asks.Where(each => each.Ask.Once is not null).GroupBy(each => each.Ask.Once)
                .Select(same => Once(same.Select(each => each.Way)) * same.First().Ask.Amount);
            _model.Add(LinearExpr.Sum(given[need]) * ChoiceProblem.Unit >= LinearExpr.Sum(own.Concat(shared)));
        }
    }

    // Whether any of them asks for it.
    private BoolVar Once(IEnumerable<BoolVar?> askers)
    {
        var once = _model.NewBoolVar("once");
        foreach (var way in askers)
        {
            if (way is null) _model.Add(once == 1);
            else _model.AddImplication(way, once);
        }

        return once;
    }
}
