using System.Collections.Immutable;
using LooseGraft.Core.Circuit.Currents;

namespace LooseGraft.Core.Feed.Network;

/// <summary>Which share of each draw passes each conductor of a solved network. Most draws pass few conductors, so only what passes is kept.</summary>
internal sealed class FeedShares
{
    // Below this a share is the rounding of a solution.
    private const double Nothing = 1e-12;

    // By conductor, then by tap: those of conductor b are _byBranch[_start[b].._start[b + 1]].
    private readonly (int Tap, double Share)[] _byBranch;
    private readonly int[] _start;
    private readonly (int Branch, double Share)[][] _byTap;

    /// <param name="network">The network.</param>
    /// <param name="drops">For each tap the drop of each node while an ampere is taken there.</param>
    public FeedShares(CurrentNetwork network, IReadOnlyList<double[]> drops)
    {
        var ends = network.Branches.Select(branch => (One: network.Find(branch.One), Other: network.Find(branch.Other), branch.Siemens)).ToArray();
        _byTap = new (int, double)[drops.Count][];
        _start = new int[ends.Length + 1];
        var passed = new List<(int, double)>();
        for (var tap = 0; tap < drops.Count; tap++)
        {
            passed.Clear();
            var of = drops[tap];
            for (var branch = 0; branch < ends.Length; branch++)
            {
                ref readonly var end = ref ends[branch];
                var share = (of[end.One] - of[end.Other]) * end.Siemens;
                if (Math.Abs(share) <= Nothing) continue;
                passed.Add((branch, share));
                _start[branch + 1]++;
            }

            _byTap[tap] = [.. passed];
        }

        for (var branch = 0; branch < ends.Length; branch++) _start[branch + 1] += _start[branch];
        _byBranch = new (int, double)[_start[^1]];
        var next = _start.AsSpan(0, ends.Length).ToArray();
        for (var tap = 0; tap < drops.Count; tap++)
        {
            foreach (var (branch, share) in _byTap[tap]) _byBranch[next[branch]++] = (tap, share);
        }
    }

    /// <summary>The conductors that a tap's draw passes, each with the share that does, in the sense in which it is drawn.</summary>
    public IReadOnlyList<(int Branch, double Share)> Of(int tap) => _byTap[tap];

    /// <summary>The taps whose draws pass conductors that are taken together, and the share that does, in order of taps.</summary>
    /// <param name="branches">The conductors, each with the sign that it counts with.</param>
    public ImmutableArray<(int Tap, double Share)> Passing(IReadOnlyList<(int Branch, int Sign, int? Contact)> branches)
    {
        if (branches is [var only])
            return [.. _byBranch[_start[only.Branch].._start[only.Branch + 1]].Select(each => (each.Tap, Whole(only.Sign * each.Share)))
                .Where(each => each.Item2 != 0)];
        var (sums, taps) = (new double[_byTap.Length], new List<int>());
        foreach (var passed in branches)
        {
            foreach (var (tap, share) in _byBranch.AsSpan(_start[passed.Branch].._start[passed.Branch + 1]))
            {
                if (sums[tap] == 0) taps.Add(tap);
                sums[tap] += passed.Sign * share;
            }
        }

        taps.Sort();
        var shares = ImmutableArray.CreateBuilder<(int, double)>(taps.Count);
        foreach (var tap in taps)
        {
            // What goes there by one and comes back by another passes once, and may have been noted twice.
            if (Whole(sums[tap]) is var share and not 0) shares.Add((tap, share));
            sums[tap] = 0;
        }

        return shares.DrainToImmutable();
    }

    // All of a current, or nothing of it, is that in spite of rounding.
    private static double Whole(double share) => Math.Abs(share - Math.Round(share)) < 1e-9 ? Math.Round(share) : share;
}
