using System.Globalization;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove.Meters;
using LooseGraft.Data;
using LooseGraft.Data.Meters;
using Microsoft.EntityFrameworkCore;

namespace LooseGraft.Web.Instruments;

/// <summary>The instruments a builder can measure with: practice meters for practice boards, and networked ones that were entered and turned on.</summary>
public sealed class MeterShelf(BenchContext bench, PracticeBoards boards, MeterReach reach)
{
    /// <summary>Networked instruments that can be entered.</summary>
    public const int Most = 20;

    private const string PracticeWall = "practice-wall";
    private const string SteadyHand = "practice-steady";
    private const string OrdinaryHand = "practice-ordinary";

    /// <summary>Every networked instrument, on or off.</summary>
    public async Task<IReadOnlyList<MeterEntry>> AllAsync(CancellationToken cancellation)
        => await bench.Meters.AsNoTracking().OrderBy(meter => meter.Name).ToListAsync(cancellation);

    /// <summary>What can be measured with for a graft: a key for each, and its name.</summary>
    public async Task<IReadOnlyList<(string Key, string Name)>> ChoicesAsync(Graft graft, CancellationToken cancellation)
    {
        var networked = await NetworkedAsync(cancellation);
        return boards.Find(graft.Practice) is null
            ? networked
            : [(SteadyHand, "practice meter, steady hand"), (OrdinaryHand, "practice meter, ordinary hand"), .. networked];
    }

    /// <summary>The instrument of that key; null when there is none, or it is off.</summary>
    public async Task<IMeter?> FindAsync(string? key, Graft graft, CancellationToken cancellation)
    {
        if (key is SteadyHand or OrdinaryHand)
            return boards.Find(graft.Practice) is { } truth
                ? new PracticeMeter(truth, Random.Shared.Next(), key == SteadyHand ? PracticeSlips.Steady : PracticeSlips.Ordinary)
                : null;
        return await NetworkedAsync(key, cancellation);
    }

    private async Task<ScpiMeter?> NetworkedAsync(string? key, CancellationToken cancellation)
        => int.TryParse(key, NumberStyles.None, CultureInfo.InvariantCulture, out var id)
            && await bench.Meters.AsNoTracking().SingleOrDefaultAsync(meter => meter.Id == id && meter.IsOn, cancellation) is { } entry
            ? new ScpiMeter(entry.Name, entry.Host, entry.Port, reach)
            : null;

    private async Task<(string Key, string Name)[]> NetworkedAsync(CancellationToken cancellation)
        => [.. (await AllAsync(cancellation)).Where(meter => meter.IsOn).Select(meter => (meter.Id.ToString(CultureInfo.InvariantCulture), meter.Name))];

    /// <summary>What can be watched at the wall: a key for each, and its name.</summary>
    public async Task<IReadOnlyList<(string Key, string Name)>> WallChoicesAsync(CancellationToken cancellation)
        => [(PracticeWall, "practice meter, twenty times as fast"), .. await NetworkedAsync(cancellation)];

    /// <summary>The instrument of that key at the wall; null when there is none, or it is off.</summary>
    /// <param name="key">The key.</param>
    /// <param name="feed">How the graft is fed, which the practice meter replays.</param>
    /// <param name="supply">The supply behind it.</param>
    /// <param name="now">When it begins.</param>
    /// <param name="cancellation">Gives up.</param>
    public async Task<IWallMeter?> FindWallAsync(string? key, FeedReview feed, Supply supply, DateTimeOffset now, CancellationToken cancellation)
        => key == PracticeWall ? new PracticeWallMeter(feed, supply, now, Random.Shared.Next()) : await NetworkedAsync(key, cancellation);

    /// <summary>Enters an instrument, off.</summary>
    public async Task AddAsync(string name, string host, int port, CancellationToken cancellation)
    {
        bench.Meters.Add(new MeterEntry { Name = name, Host = host, Port = port });
        await bench.SaveChangesAsync(cancellation);
    }

    /// <summary>Turns an instrument on or off.</summary>
    public async Task<bool> TurnAsync(int id, bool isOn, CancellationToken cancellation)
        => await bench.Meters.Where(meter => meter.Id == id).ExecuteUpdateAsync(set => set.SetProperty(meter => meter.IsOn, isOn), cancellation) == 1;

    /// <summary>Forgets an instrument.</summary>
    public async Task<bool> RemoveAsync(int id, CancellationToken cancellation)
        => await bench.Meters.Where(meter => meter.Id == id).ExecuteDeleteAsync(cancellation) == 1;
}
