using System.Collections.Immutable;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using Microsoft.EntityFrameworkCore;

namespace LooseGraft.Data.Owned;

/// <summary>Keeps what grafts take from the bin in step with their documents, and never promises one piece twice.</summary>
internal static class BinLedger
{
    /// <summary>Brings the promises to a graft in line with its document. Nothing is saved; the caller's transaction saves or drops it all.</summary>
    /// <returns>What the bin cannot give; empty when it can give everything, and only then the promises are changed.</returns>
    public static async Task<ImmutableArray<FileError>> SettleAsync(BenchContext bench, int graftId, Graft graft, CancellationToken cancellation)
    {
        var before = await bench.BinPromises.Where(promise => promise.GraftId == graftId).ToListAsync(cancellation);
        var wanted = Taken(graft).GroupBy(taken => taken.Claim.Entry)
            .ToDictionary(same => same.Key, same => (Count: same.Sum(taken => taken.Claim.Count), same.First().Name));
        if (before.Count == 0 && wanted.Count == 0) return [];

        var keys = wanted.Keys.ToList();
        var entries = await bench.Bin.Where(entry => keys.Contains(entry.Key) && !entry.IsRemoved).ToDictionaryAsync(entry => entry.Key, cancellation);
        var ids = entries.Values.Select(entry => entry.Id).ToList();
        var elsewhere = await bench.BinPromises.Where(promise => ids.Contains(promise.EntryId) && promise.GraftId != graftId)
            .GroupBy(promise => promise.EntryId).Select(same => new { same.Key, Count = same.Sum(promise => promise.Count) })
            .ToDictionaryAsync(same => same.Key, same => same.Count, cancellation);
        var problems = wanted.Select(want => Problem(want.Value.Name, want.Value.Count, entries.GetValueOrDefault(want.Key), elsewhere)).OfType<FileError>()
            .ToImmutableArray();
        if (!problems.IsEmpty) return problems;

        foreach (var old in before.Where(promise => entries.Values.All(entry => entry.Id != promise.EntryId))) bench.BinPromises.Remove(old);
        foreach (var (key, (count, _)) in wanted)
        {
            if (before.FirstOrDefault(promise => promise.EntryId == entries[key].Id) is { } same) same.Count = count;
            else bench.BinPromises.Add(new BinPromise { EntryId = entries[key].Id, GraftId = graftId, Count = count });
        }

        return [];
    }

    /// <summary>Whether two states of a graft take the same things from the bin, as nearly all neighbours do.</summary>
    public static bool TakesTheSame(Graft one, Graft other) => Taken(one).Select(taken => taken.Claim).SequenceEqual(Taken(other).Select(taken => taken.Claim));

    /// <summary>The graft with nothing taken from the bin: a copy, or a graft from elsewhere, takes nothing until its builder says so.</summary>
    public static Graft WithoutClaims(Graft graft) => graft with
    {
        Parts = [.. graft.Parts.Select(part => part with { Bin = null })],
        Buying = graft.Buying with { FromBin = [] },
    };

    // For parts, and for needs that are none.
    private static IEnumerable<(string Name, BinClaim Claim)> Taken(Graft graft)
        => graft.Parts.Where(part => part.Bin is not null).Select(part => (part.Name, part.Bin!))
            .Concat(graft.Buying.FromBin.Select(take => (take.Name, take.Claim)));

    private static FileError? Problem(string name, int count, BinEntry? entry, Dictionary<int, int> elsewhere)
    {
        var path = $"{name}, from the bin";
        if (entry is null) return new FileError(path, "a thing that is no longer in it", "what lies in the bin");
        var free = entry.Quantity - elsewhere.GetValueOrDefault(entry.Id);
        return count <= free
            ? null
            : new FileError(path, $"{count} of {entry.Name}",
            free > 0 ? $"at most {free}: the others are promised to another graft" : "none: all of them are promised to another graft");
    }
}
