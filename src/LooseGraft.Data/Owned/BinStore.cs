using System.Globalization;
using System.Text.Json;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.EntityFrameworkCore;

namespace LooseGraft.Data.Owned;

/// <summary>Keeps what the builder owns, across all grafts. Each change is one transaction and can be undone.</summary>
public sealed class BinStore(BenchContext bench, TimeProvider clock)
{
    /// <summary>Rows that one search shows.</summary>
    public const int RowsShown = 50;

    private const string Gone = "That is not in the bin any more.";

    /// <summary>Entries that are held against needs.</summary>
    public const int MostOwned = 1000;

    /// <summary>Entries of the largest bin.</summary>
    public const int MostEntries = 100_000;

    /// <summary>Searches as it is typed: every word must begin some word of the entry. An empty search shows the newest.</summary>
    public async Task<BinPage> SearchAsync(string? words, CancellationToken cancellation)
    {
        var owned = await bench.Bin.CountAsync(entry => !entry.IsRemoved, cancellation);
        if (BinQuery.From(words) is not { } query)
        {
            var newest = await bench.Bin.AsNoTracking().Where(entry => !entry.IsRemoved).OrderByDescending(entry => entry.Id).Take(RowsShown)
                .ToListAsync(cancellation);
            return new BinPage(await RowsAsync(newest, cancellation), owned, owned);
        }

        var found = bench.Bin.FromSql($"SELECT * FROM BinEntry WHERE Id IN (SELECT rowid FROM BinSearch WHERE BinSearch MATCH {query})").AsNoTracking()
            .Where(entry => !entry.IsRemoved);
        var rows = await found.OrderBy(entry => entry.Name).ThenBy(entry => entry.Id).Take(RowsShown).ToListAsync(cancellation);
        return new BinPage(await RowsAsync(rows, cancellation), rows.Count < RowsShown ? rows.Count : await found.CountAsync(cancellation), owned);
    }

    /// <summary>One entry; null when it is not in the bin.</summary>
    public async Task<BinRow?> FindAsync(int id, CancellationToken cancellation)
        => await bench.Bin.AsNoTracking().SingleOrDefaultAsync(entry => entry.Id == id && !entry.IsRemoved, cancellation) is { } entry
            ? (await RowsAsync([entry], cancellation))[0]
            : null;

    /// <summary>What lies free in it of which somebody wrote down what it is, by name, at most <see cref="MostOwned"/>.</summary>
    public async Task<ValueList<OwnedThing>> OwnedAsync(CancellationToken cancellation)
    {
        var described = await bench.Bin.AsNoTracking().Where(entry => !entry.IsRemoved && string.Compare(entry.Ware, "") > 0)
            .OrderBy(entry => entry.Name).ThenBy(entry => entry.Id).Take(MostOwned).ToListAsync(cancellation);
        return [.. from row in await RowsAsync(described, cancellation)
                   let ware = WareText.Read(row.Item.Ware)
                   where ware is not null && row.Free > 0
                   select new OwnedThing(row.Key, row.Item.Name, ware, row.Free)
                   {
                       Condition = row.Item.Condition,
                       Place = row.Item.Place,
                       PaidEach = row.Item.Paid is { } paid ? new Money(paid) : null,
                       Currency = row.Item.Currency,
                   }];
    }

    /// <summary>Everything in it, by name.</summary>
    public async Task<IReadOnlyList<BinItem>> AllAsync(CancellationToken cancellation)
        => [.. (await bench.Bin.AsNoTracking().Where(entry => !entry.IsRemoved).OrderBy(entry => entry.Name).ThenBy(entry => entry.Id)
            .ToListAsync(cancellation)).Select(entry => entry.Item)];

    /// <summary>Puts things in, all or none.</summary>
    public async Task<BinOutcome> AddAsync(IReadOnlyList<BinItem> items, string what, CancellationToken cancellation)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        if (await bench.Bin.CountAsync(cancellation) + items.Count > MostEntries) return BinOutcome.Refused($"The bin holds at most {MostEntries} entries.");
        await PutInAsync(bench, items, what, clock.GetUtcNow(), cancellation);
        await transaction.CommitAsync(cancellation);
        return new BinOutcome(what);
    }

    /// <summary>Puts things in; part of the transaction it is called in.</summary>
    internal static async Task PutInAsync(
        BenchContext bench, IReadOnlyList<BinItem> items, string what, DateTimeOffset at, CancellationToken cancellation)
    {
        var before = await LastIdAsync(bench, cancellation);
        var taken = await bench.Bin.Select(entry => entry.Key).ToHashSetAsync(cancellation);
        // One statement, however many there are: a table of ten thousand comes in within a breath.
        var rows = JsonSerializer.Serialize(items.Select(item => new object?[]
        {
            FreshKey(item, taken), item.Name, item.Kind.ToString(), item.Quantity, item.Paid?.ToString(CultureInfo.InvariantCulture), item.Currency,
            item.Condition.ToString(), item.Place, item.Note, item.Ware,
        }));
        await bench.Database.ExecuteSqlAsync($"""
            INSERT INTO BinEntry (Key, Name, Kind, Quantity, Paid, Currency, Condition, Place, Note, Ware, IsRemoved)
            SELECT value->>0, value->>1, value->>2, value->>3, value->>4, value->>5, value->>6, value->>7, value->>8, value->>9, 0 FROM json_each({rows})
            """, cancellation);
        bench.BinChanges.Add(new BinChange
        {
            What = what,
            At = at,
            Upon = (await LastAsync(bench, cancellation))?.Id,
            FirstAdded = before + 1,
            LastAdded = await LastIdAsync(bench, cancellation),
        });
        await bench.SaveChangesAsync(cancellation);
    }

    /// <summary>Changes what is known of an entry, or how many there are.</summary>
    /// <param name="id">The entry.</param>
    /// <param name="revision">The revision the change was made upon.</param>
    /// <param name="item">What it becomes.</param>
    /// <param name="cancellation">Stops before anything is kept.</param>
    public Task<BinOutcome> ChangeAsync(int id, int revision, BinItem item, CancellationToken cancellation)
        => ApplyAsync(id, revision, item, $"{item.Name}: {item.Quantity} in the bin", cancellation);

    /// <summary>Takes an entry out, if none of it is promised.</summary>
    /// <param name="id">The entry.</param>
    /// <param name="revision">The revision the change was made upon.</param>
    /// <param name="cancellation">Stops before anything is kept.</param>
    public async Task<BinOutcome> RemoveAsync(int id, int revision, CancellationToken cancellation)
        => await FindAsync(id, cancellation) is { } row
            ? await ApplyAsync(id, revision, null, $"{row.Item.Name} taken out of the bin", cancellation)
            : BinOutcome.Refused(Gone);

    /// <summary>Where the bin stands among its changes.</summary>
    public async Task<BinSteps> StepsAsync(CancellationToken cancellation)
    {
        var last = await LastAsync(cancellation);
        return new BinSteps(last?.Id ?? 0, last?.What, last?.At, (await NextAsync(last, cancellation))?.What);
    }

    /// <summary>Takes back the last change.</summary>
    /// <param name="revision">The revision that was shown to whoever asks for it: what is taken back is what was read on the page.</param>
    /// <param name="cancellation">Stops before anything is kept.</param>
    public Task<BinOutcome> UndoAsync(int revision, CancellationToken cancellation) => StepAsync(revision, isUndone: true, "Taken back", cancellation);

    /// <summary>Brings back the change last taken back.</summary>
    /// <param name="revision">The revision that was shown to whoever asks for it.</param>
    /// <param name="cancellation">Stops before anything is kept.</param>
    public Task<BinOutcome> RedoAsync(int revision, CancellationToken cancellation) => StepAsync(revision, isUndone: false, "Brought back", cancellation);

    private async Task<BinOutcome> StepAsync(int revision, bool isUndone, string done, CancellationToken cancellation)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        var standing = await LastAsync(cancellation);
        if (Stale(standing, revision) is { } stale) return stale;
        var change = isUndone ? standing : await NextAsync(standing, cancellation);
        if (change is null) return BinOutcome.Refused(isUndone ? "There is nothing to take back." : "There is nothing to bring back.");
        var states = change.Rows.Select(
            row => (row.EntryId, (isUndone ? row.Before : row.After) is { } text ? JsonSerializer.Deserialize<BinItem>(text) : null)).ToList();
        if (await PutAsync(states, cancellation) is { } problem) return BinOutcome.Refused(problem);
        if (change is { FirstAdded: { } first, LastAdded: { } last })
        {
            if (isUndone && await FirstPromiseAsync(first, last, cancellation) is { } promise) return BinOutcome.Refused(promise);
            await bench.Bin.Where(entry => entry.Id >= first && entry.Id <= last)
                .ExecuteUpdateAsync(set => set.SetProperty(entry => entry.IsRemoved, isUndone), cancellation);
        }

        change.IsUndone = isUndone;
        await bench.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return new BinOutcome($"{done}: {change.What}");
    }

    private async Task<BinOutcome> ApplyAsync(int id, int revision, BinItem? item, string what, CancellationToken cancellation)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        if (await bench.Bin.AsNoTracking().SingleOrDefaultAsync(entry => entry.Id == id && !entry.IsRemoved, cancellation) is not { } before)
            return BinOutcome.Refused(Gone);
        if (before.Item == item) return new BinOutcome(what);
        var last = await LastAsync(cancellation);
        if (Stale(last, revision) is { } stale) return stale;
        if (await PutAsync([(id, item)], cancellation) is { } problem) return BinOutcome.Refused(problem);
        bench.BinChanges.Add(new BinChange
        {
            What = what,
            At = clock.GetUtcNow(),
            Upon = last?.Id,
            Rows = [new BinChangeRow { EntryId = id, Before = Text(before.Item), After = item is null ? null : Text(item) }],
        });
        await bench.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return new BinOutcome(what);
    }

    // Nothing that is promised may go: the graft that counts on it would stand without.
    private async Task<string?> PutAsync(IReadOnlyList<(int Id, BinItem? Item)> states, CancellationToken cancellation)
    {
        var wanted = states.ToDictionary(state => state.Id, state => state.Item);
        var ids = wanted.Keys.ToList();
        var entries = await bench.Bin.Where(entry => ids.Contains(entry.Id)).ToListAsync(cancellation);
        var promised = await PromisesAsync(ids, cancellation);
        foreach (var entry in entries)
        {
            var item = wanted[entry.Id];
            var taken = promised[entry.Id].ToArray();
            if (taken.Sum(promise => promise.Count) > (item?.Quantity ?? 0)) return Promised(entry.Name, taken);
            entry.IsRemoved = item is null;
            if (item is not null) entry.Become(item);
        }

        return null;
    }

    private async Task<string?> FirstPromiseAsync(int first, int last, CancellationToken cancellation)
    {
        var promised = await bench.BinPromises.Where(promise => promise.EntryId >= first && promise.EntryId <= last).Select(promise => (int?)promise.EntryId)
            .FirstOrDefaultAsync(cancellation);
        if (promised is not { } id) return null;
        var name = await bench.Bin.Where(entry => entry.Id == id).Select(entry => entry.Name).SingleAsync(cancellation);
        return Promised(name, [.. (await PromisesAsync([id], cancellation))[id]]);
    }

    private static string Promised(string name, BinRow.Promise[] promises)
        => $"{name}: {string.Join(", ", promises.Select(promise => $"{promise.Count} promised to {promise.Graft}"))}. Take it out of the graft first.";

    private static async Task<int> LastIdAsync(BenchContext bench, CancellationToken cancellation)
        => await bench.Bin.Select(entry => (int?)entry.Id).MaxAsync(cancellation) ?? 0;

    private async Task<IReadOnlyList<BinRow>> RowsAsync(List<BinEntry> entries, CancellationToken cancellation)
    {
        var promises = await PromisesAsync([.. entries.Select(entry => entry.Id)], cancellation);
        return [.. entries.Select(entry => new BinRow(entry.Id, entry.Key, entry.Item, [.. promises[entry.Id]]))];
    }

    private async Task<ILookup<int, BinRow.Promise>> PromisesAsync(List<int> ids, CancellationToken cancellation)
    {
        // A change of many entries asks for all promises, which are few, rather than for thousands by number.
        var all = bench.BinPromises.Join(
            bench.Grafts, promise
            => promise.GraftId, graft => graft.Id, (promise, graft) => new { promise.EntryId, promise.GraftId, graft.Name, promise.Count });
        var found = await (ids.Count <= RowsShown ? all.Where(promise => ids.Contains(promise.EntryId)) : all).ToListAsync(cancellation);
        return found.ToLookup(promise => promise.EntryId, promise => new BinRow.Promise(promise.GraftId, promise.Name, promise.Count));
    }

    private Task<BinChange?> LastAsync(CancellationToken cancellation) => LastAsync(bench, cancellation);

    private static Task<BinChange?> LastAsync(BenchContext bench, CancellationToken cancellation)
        => bench.BinChanges.Include(change => change.Rows).Where(change => !change.IsUndone).OrderByDescending(change => change.Id)
            .FirstOrDefaultAsync(cancellation);

    // What comes back is what was last made upon the bin as it stands; what was taken back before something else was done stands upon another.
    private Task<BinChange?> NextAsync(BinChange? last, CancellationToken cancellation)
    {
        var upon = last?.Id;
        return bench.BinChanges.Include(change => change.Rows).Where(change => change.IsUndone && change.Upon == upon).OrderByDescending(change => change.Id)
            .FirstOrDefaultAsync(cancellation);
    }

    private static BinOutcome? Stale(BinChange? last, int revision)
        => (last?.Id ?? 0) == revision ? null
            : BinOutcome.Refused(
                "Nothing was done: the bin was changed elsewhere in the meantime. "
                + (last is null ? "It stands as it began." : $"What was done last is now: {last.What}.")) with
            { IsStale = true };

    // Readable in a graft file; where the name is taken, a random end keeps it unique without a search for the next number.
    private static string FreshKey(BinItem item, HashSet<string> taken)
    {
        var stem = GraftEdits.FreshId(item.Name, []);
        var key = stem;
        while (!taken.Add(key)) key = $"{stem}-{Guid.NewGuid().ToString("N")[..5]}";
        return key;
    }

    private static string Text(BinItem item) => JsonSerializer.Serialize(item);
}
