using CsCheck;
using LooseGraft.Core.Circuit.Currents;
using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Tests.Circuit.Currents;

/// <summary>What flows through conductors of known resistance.</summary>
public sealed class ReducedNetworkTests
{
    private static readonly Gen<(int Nodes, (int One, int Other, double Ohms)[] Branches, int[] Merged)> Networks =
        from nodes in Gen.Int[2, 24]
        from branches in Gen.Select(Gen.Int[0, nodes - 1], Gen.Int[0, nodes - 1], Gen.Double[1e-4, 5]).Array[1, 60]
        from merged in Gen.Int[0, nodes - 1].Array[0, 4]
        select (nodes, branches, merged);

    [Fact]
    public void Two_wires_side_by_side_share_by_what_they_conduct()
    {
        var network = Of(2, (0, 1, 0.01), (0, 1, 0.02));
        var drops = new ReducedNetwork(network).Solve([3, -3]);
        Assert.Equal(2, Current(network, 0, drops), 12);
        Assert.Equal(1, Current(network, 1, drops), 12);
    }

    [Fact]
    public void A_bridge_carries_what_its_two_arms_do_not_agree_on()
    {
        // Arms of 1 and 2 ohm up, 2 and 1 down, a bridge of 1 ohm across: by hand 3 A and 2 A up of 5, 1 A over the bridge.
        var network = Of(4, (0, 1, 1), (0, 2, 2), (1, 3, 2), (2, 3, 1), (1, 2, 1));
        var drops = new ReducedNetwork(network).Solve([5, 0, 0, -5]);
        Assert.Equal(3, Current(network, 0, drops), 12);
        Assert.Equal(2, Current(network, 1, drops), 12);
        Assert.Equal(1, Current(network, 4, drops), 12);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(-0.1)]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    public void A_conductor_without_resistance_is_refused(double ohms) => Assert.Throws<ArgumentOutOfRangeException>(() => Of(2, (0, 1, ohms)));

    [Theory]
    [InlineData(ReducedNetwork.MostCore, true)]
    [InlineData(ReducedNetwork.MostCore + 1, false)]
    public void A_mesh_is_solved_up_to_its_bound_and_told_beyond_it(int nodes, bool isSolved)
    {
        // A ring with a second neighbour each: no node has less than four, so none is eliminated.
        var network = Of(nodes, [.. Enumerable.Range(0, nodes).SelectMany(node => new[] { (node, (node + 1) % nodes, 1.0), (node, (node + 2) % nodes, 1.0) })]);
        Assert.Equal(isSolved ? 0 : nodes, new ReducedNetwork(network).Unsolved.Count);
    }

    [Fact]
    public void What_comes_to_a_node_leaves_it_and_the_dense_solution_says_the_same()
        => Gen.Select(Networks, Gen.Int[0, 23], Gen.Int[0, 23], Gen.Double[0.01, 40]).Hold((given, from, to, amps) =>
        {
            var network = Of(given.Nodes, given.Branches);
            foreach (var (one, other) in given.Merged.Zip(given.Merged.Skip(1))) network.Merge(one, other);
            var nodes = Enumerable.Range(0, given.Nodes).Select(network.Find).ToArray();
            var (source, sink) = (nodes[from % given.Nodes], nodes[to % given.Nodes]);
            if (source == sink || !Piece(network, source).Contains(sink)) return;
            var into = new double[given.Nodes];
            (into[source], into[sink]) = (amps, -amps);
            var drops = new ReducedNetwork(network).Solve([.. into]);
            var left = into.ToArray();
            foreach (var branch in Enumerable.Range(0, network.Branches.Count))
            {
                left[network.Find(network.Branches[branch].One)] -= Current(network, branch, drops);
                left[network.Find(network.Branches[branch].Other)] += Current(network, branch, drops);
            }

            Assert.All(left, rest => Assert.InRange(rest, -1e-9 * amps, 1e-9 * amps));
            var dense = Dense(network, source, into);
            Assert.All(Enumerable.Range(0, network.Branches.Count), branch
                => Assert.Equal(Current(network, branch, dense), Current(network, branch, drops), 1e-7 * amps));
        }, iter: 2000);

    private static CurrentNetwork Of(int nodes, params (int One, int Other, double Ohms)[] branches)
    {
        var network = new CurrentNetwork();
        network.AddNodes(nodes);
        foreach (var (one, other, ohms) in branches) network.AddBranch(one, other, ohms);
        return network;
    }

    private static double Current(CurrentNetwork network, int branch, double[] drops)
    {
        var (one, other, siemens) = network.Branches[branch];
        return (drops[network.Find(one)] - drops[network.Find(other)]) * siemens;
    }

    private static HashSet<int> Piece(CurrentNetwork network, int from)
    {
        var piece = new HashSet<int> { from };
        for (var before = 0; before != piece.Count;)
        {
            before = piece.Count;
            foreach (var branch in network.Branches.Where(branch => piece.Contains(network.Find(branch.One)) || piece.Contains(network.Find(branch.Other))))
                piece.UnionWith([network.Find(branch.One), network.Find(branch.Other)]);
        }

        return piece;
    }

    // Every node of the piece at once, nothing eliminated: by Gauss, with pivots.
    private static double[] Dense(CurrentNetwork network, int held, double[] into)
    {
        var nodes = Piece(network, held).Where(node => node != held).ToArray();
        var matrix = Matrix<double>.Build.Dense(nodes.Length, nodes.Length);
        foreach (var branch in network.Branches)
        {
            var (one, other) = (Array.IndexOf(nodes, network.Find(branch.One)), Array.IndexOf(nodes, network.Find(branch.Other)));
            if (network.Find(branch.One) == network.Find(branch.Other)) continue;
            if (one >= 0) matrix[one, one] += branch.Siemens;
            if (other >= 0) matrix[other, other] += branch.Siemens;
            if (one < 0 || other < 0) continue;
            matrix[one, other] -= branch.Siemens;
            matrix[other, one] -= branch.Siemens;
        }

        var solved = matrix.LU().Solve(Vector<double>.Build.Dense(nodes.Length, index => into[nodes[index]]));
        var drops = new double[into.Length];
        foreach (var (index, node) in nodes.Index()) drops[node] = solved[index];
        return drops;
    }
}
