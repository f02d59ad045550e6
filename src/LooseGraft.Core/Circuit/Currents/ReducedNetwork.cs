using System.Collections.Immutable;
using System.Runtime.InteropServices;
using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.LinearAlgebra.Factorization;

namespace LooseGraft.Core.Circuit.Currents;

/// <summary>A network brought into the form in which any currents are solved quickly.</summary>
/// <remarks>
/// Nodes that end there, or lie between two others, are eliminated one by one; nearly all of a real graft are. What is left of each connected piece is meshed
/// and small: its Laplacian, one node held, is symmetric and positive definite, and factored once (Cholesky, dense). Elimination and factors are exact but
/// for rounding. Time: linear in the branches, and the cube of a core's nodes; each solution linear in the branches and the square of its nodes.
/// </remarks>
internal sealed class ReducedNetwork
{
    /// <summary>A meshed core of more nodes than this is not solved.</summary>
    public const int MostCore = 300;

    private readonly CurrentNetwork _network;
    private readonly List<Eliminated> _eliminated = [];
    private readonly List<Core> _cores = [];

    public ReducedNetwork(CurrentNetwork network)
    {
        _network = network;
        var beside = new Dictionary<int, double>?[network.NodeCount];
        foreach (var branch in network.Branches)
        {
            var (one, other) = (network.Find(branch.One), network.Find(branch.Other));
            if (one != other) Join(beside, one, other, branch.Siemens);
        }

        Eliminate(beside);
        foreach (var core in CoresOf(beside)) AddCore(core, beside);
    }

    /// <summary>Nodes of cores that are too large to be solved; empty where all is.</summary>
    public ImmutableHashSet<int> Unsolved { get; private set; } = [];

    /// <summary>The drop of each node when currents run in at some nodes and out at others.</summary>
    /// <param name="into">For each node the current that runs into it from outside, in amperes; over each connected piece the sum is nothing. Overwritten.
    /// </param>
    /// <returns>The potential of each node against a node of its piece, in volts; of nodes that are one, under the number they share.</returns>
    public double[] Solve(double[] into)
    {
        foreach (ref readonly var gone in CollectionsMarshal.AsSpan(_eliminated))
        {
            var amps = into[gone.Node];
            if (amps == 0) continue;
            into[gone.One] += amps * gone.ShareOne;
            into[gone.Other] += amps * gone.ShareOther;
        }

        foreach (var core in _cores) core.Solve(into);
        for (var index = _eliminated.Count - 1; index >= 0; index--)
        {
            ref readonly var gone = ref CollectionsMarshal.AsSpan(_eliminated)[index];
            into[gone.Node] = (into[gone.Node] * gone.Ohms) + (gone.ShareOne * into[gone.One]) + (gone.ShareOther * into[gone.Other]);
        }

        return into;
    }

    private void Eliminate(Dictionary<int, double>?[] beside)
    {
        var waiting = new Queue<int>(Enumerable.Range(0, beside.Length).Where(node => beside[node] is { Count: <= 2 }));
        while (waiting.TryDequeue(out var node))
        {
            if (beside[node] is not { Count: <= 2 } own) continue;
            beside[node] = null;
            _eliminated.Add(Eliminated.Of(node, own));
            foreach (var other in own.Keys) beside[other]!.Remove(node);
            if (own.Count == 2)
            {
                var (first, second) = (own.First(), own.Last());
                Join(beside, first.Key, second.Key, first.Value * second.Value / (first.Value + second.Value));
            }

            foreach (var other in own.Keys.Where(other => beside[other]!.Count <= 2)) waiting.Enqueue(other);
        }
    }

    private static IEnumerable<List<int>> CoresOf(Dictionary<int, double>?[] beside)
    {
        var seen = new bool[beside.Length];
        for (var start = 0; start < beside.Length; start++)
        {
            if (beside[start] is null || seen[start]) continue;
            var core = new List<int> { start };
            seen[start] = true;
            for (var at = 0; at < core.Count; at++)
            {
                foreach (var other in beside[core[at]]!.Keys.Where(other => !seen[other]))
                {
                    seen[other] = true;
                    core.Add(other);
                }
            }

            yield return core;
        }
    }

    private void AddCore(List<int> nodes, Dictionary<int, double>?[] beside)
    {
        if (nodes.Count > MostCore)
        {
            Unsolved = Unsolved.Union(nodes);
            return;
        }

        var place = nodes.Index().ToDictionary(pair => pair.Item, pair => pair.Index);
        var laplacian = Matrix<double>.Build.Dense(nodes.Count - 1, nodes.Count - 1);
        foreach (var (row, node) in nodes.Index().Skip(1))
        {
            foreach (var (other, siemens) in beside[node]!)
            {
                laplacian[row - 1, row - 1] += siemens;
                if (place[other] > 0) laplacian[row - 1, place[other] - 1] -= siemens;
            }
        }

        _cores.Add(new Core([.. nodes], laplacian.Cholesky()));
    }

    private static void Join(Dictionary<int, double>?[] beside, int one, int other, double siemens)
    {
        (beside[one] ??= [])[other] = beside[one]!.GetValueOrDefault(other) + siemens;
        (beside[other] ??= [])[one] = beside[other]!.GetValueOrDefault(one) + siemens;
    }

    // A node with the one or two it lay beside, itself in place of any that is missing; the last of a piece has none, and is held.
    private readonly record struct Eliminated(int Node, int One, double ShareOne, int Other, double ShareOther, double Ohms)
    {
        public static Eliminated Of(int node, Dictionary<int, double> beside)
        {
            if (beside.Count == 0) return new Eliminated(node, node, 0, node, 0, 0);
            var ((one, first), (other, second)) = (beside.First(), beside.Count == 2 ? beside.Last() : new(node, 0));
            var sum = first + second;
            return new Eliminated(node, one, first / sum, other, second / sum, 1 / sum);
        }
    }


    // The first node is held.
    private sealed record Core(int[] Nodes, Cholesky<double> Factors)
    {
        public void Solve(double[] into)
        {
            var drops = Factors.Solve(Vector<double>.Build.Dense(Nodes.Length - 1, index => into[Nodes[index + 1]]));
            into[Nodes[0]] = 0;
            for (var index = 1; index < Nodes.Length; index++) into[Nodes[index]] = drops[index - 1];
        }
    }
}
