using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Data.History;
using LooseGraft.Data.Owned;
using Microsoft.EntityFrameworkCore;

namespace LooseGraft.Data;

/// <summary>Keeps grafts and every change made to them. Each change is one transaction.</summary>
public sealed class GraftStore(BenchContext bench, TimeProvider clock)
{
    /// <summary>Every graft on the shelf, the last changed first.</summary>
    public async Task<IReadOnlyList<GraftSnapshot>> ShelfAsync(CancellationToken cancellation)
    {
        var entries = await bench.Grafts.AsNoTracking().Where(graft => graft.ThrownAwayAt == null)
            .OrderByDescending(graft => graft.ChangedAt).ThenByDescending(graft => graft.Id).ToListAsync(cancellation);
        return [.. entries.Select(entry => Snapshot(entry, null, null))];
    }

    /// <summary>What lies on the compost, the last thrown away first.</summary>
    public async Task<IReadOnlyList<ThrownGraft>> CompostAsync(CancellationToken cancellation)
        => await bench.Grafts.Where(graft => graft.ThrownAwayAt != null).OrderByDescending(graft => graft.ThrownAwayAt)
            .Select(graft => new ThrownGraft(graft.Id, graft.Name, graft.ThrownAwayAt!.Value)).ToListAsync(cancellation);

    /// <summary>One graft; null when it is not on the shelf.</summary>
    public async Task<GraftSnapshot?> FindAsync(int id, CancellationToken cancellation)
        => await EntryAsync(id, cancellation) is { } entry ? await SnapshotAsync(entry, cancellation) : null;

    /// <summary>Puts a new graft on the shelf.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="cancellation">Stops before anything is kept.</param>
    /// <param name="takesFromBin">Whether what its parts name is taken from the bin, as far as all of it is there. A copy, or a graft from elsewhere, takes nothing until its builder says so.</param>
    /// <returns>Its number.</returns>
    public async Task<int> AddAsync(Graft graft, CancellationToken cancellation, bool takesFromBin = false)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        var entry = new GraftEntry { Name = graft.Name, Document = Text(takesFromBin ? graft : BinLedger.WithoutClaims(graft)), ChangedAt = clock.GetUtcNow(), Revision = 1 };
        bench.Grafts.Add(entry);
        await bench.SaveChangesAsync(cancellation);
        if (takesFromBin && !(await BinLedger.SettleAsync(bench, entry.Id, graft, cancellation)).IsEmpty) entry.Document = Text(BinLedger.WithoutClaims(graft));
        await bench.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return entry.Id;
    }

    /// <summary>Changes a graft.</summary>
    /// <param name="id">The graft.</param>
    /// <param name="revision">The revision the change was made upon.</param>
    /// <param name="what">What is changed, in the builder's words, for undo and the history.</param>
    /// <param name="change">Makes the changed graft.</param>
    /// <param name="cancellation">Stops before anything is kept.</param>
    public async Task<SaveResult> ChangeAsync(int id, int revision, string what, Func<Graft, Graft> change, CancellationToken cancellation)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        if (await EntryAsync(id, cancellation) is not { } entry) return new SaveResult(SaveOutcome.Gone, null);
        var document = Text(change(Read(entry.Document)));
        if (document == entry.Document) return new SaveResult(SaveOutcome.Saved, await SnapshotAsync(entry, cancellation));
        if (entry.Revision != revision) return new SaveResult(SaveOutcome.Stale, await SnapshotAsync(entry, cancellation));
        // What could not be read back is not kept: the file format's rules are the rules of every edit.
        var errors = GraftFile.Read(Encoding.UTF8.GetBytes(document)).Errors;
        if (errors.IsEmpty) errors = await BinLedger.SettleAsync(bench, id, Read(document), cancellation);
        if (!errors.IsEmpty) return new SaveResult(SaveOutcome.Refused, await SnapshotAsync(entry, cancellation)) { Errors = errors };

        await RecordAsync(entry, what, document, cancellation);
        await transaction.CommitAsync(cancellation);
        return new SaveResult(SaveOutcome.Saved, await SnapshotAsync(entry, cancellation));
    }

    /// <summary>Takes back the last change; does nothing when there is none.</summary>
    public Task<SaveResult> UndoAsync(int id, int revision, CancellationToken cancellation)
        => MoveAsync(id, revision, (entry, tree) => (entry.HeadId is not null, tree.Ancestry(entry.HeadId).FirstOrDefault()?.ParentId), cancellation);

    /// <summary>Brings back the change last made upon the present state; does nothing when there is none.</summary>
    public Task<SaveResult> RedoAsync(int id, int revision, CancellationToken cancellation)
        => MoveAsync(id, revision, (entry, tree) => tree.NewestUpon(entry.HeadId) is { } next ? (true, next.Id) : (false, null), cancellation);

    /// <summary>Goes to the state after any change of the graft, on whichever branch; null goes to the beginning.</summary>
    public Task<SaveResult> GoToAsync(int id, int revision, int? changeId, CancellationToken cancellation)
        => MoveAsync(id, revision, (_, tree) => (changeId is not { } target || tree.Contains(target), changeId), cancellation);

    /// <summary>Every change of a graft in the order they were made, and which of them the graft is in.</summary>
    public async Task<GraftHistory> HistoryAsync(int id, CancellationToken cancellation)
    {
        var head = await bench.Grafts.Where(graft => graft.Id == id).Select(graft => graft.HeadId).SingleOrDefaultAsync(cancellation);
        var changes = await ChangesAsync(id, cancellation);
        var taken = new ChangeTree(changes).Ancestry(head).Select(change => change.Id).ToHashSet();
        return new GraftHistory(head, [.. changes.Select(change => new HistoryLine(change.Id, change.What, change.At, taken.Contains(change.Id)))]);
    }

    /// <summary>Throws a graft on the compost. What it took from the bin is free again.</summary>
    public async Task<bool> ThrowAwayAsync(int id, CancellationToken cancellation)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        if (await EntryAsync(id, cancellation) is not { } entry) return false;
        entry.ThrownAwayAt = clock.GetUtcNow();
        await bench.BinPromises.Where(promise => promise.GraftId == id).ExecuteDeleteAsync(cancellation);
        await bench.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return true;
    }

    /// <summary>Puts a graft back on the shelf. What it took from the bin and others have been promised since, it lets go, as a change of its history.</summary>
    public async Task<bool> PutBackAsync(int id, CancellationToken cancellation)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        if (await bench.Grafts.SingleOrDefaultAsync(graft => graft.Id == id && graft.ThrownAwayAt != null, cancellation) is not { } entry) return false;
        entry.ThrownAwayAt = null;
        var graft = Read(entry.Document);
        if (!(await BinLedger.SettleAsync(bench, id, graft, cancellation)).IsEmpty)
            await RecordAsync(entry, "What it took from the bin is let go: some of it is promised to another graft", Text(BinLedger.WithoutClaims(graft)), cancellation);
        await bench.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return true;
    }

    /// <summary>Destroys a graft on the compost with its history, for good.</summary>
    public async Task<bool> DestroyAsync(int id, CancellationToken cancellation)
        => await bench.Grafts.Where(graft => graft.Id == id && graft.ThrownAwayAt != null).ExecuteDeleteAsync(cancellation) == 1;

    private async Task<SaveResult> MoveAsync(
        int id, int revision, Func<GraftEntry, ChangeTree, (bool Exists, int? Target)> choose, CancellationToken cancellation)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        if (await EntryAsync(id, cancellation) is not { } entry) return new SaveResult(SaveOutcome.Gone, null);
        if (entry.Revision != revision) return new SaveResult(SaveOutcome.Stale, await SnapshotAsync(entry, cancellation));
        var tree = new ChangeTree(await ChangesAsync(id, cancellation));
        var (exists, target) = choose(entry, tree);
        if (exists && target != entry.HeadId)
        {
            var document = tree.Way(entry.HeadId, target).Aggregate(entry.Document, (text, splice) => splice.ApplyTo(text));
            // What it took from the bin then may be promised to another graft by now.
            var errors = await BinLedger.SettleAsync(bench, id, Read(document), cancellation);
            if (!errors.IsEmpty) return new SaveResult(SaveOutcome.Refused, await SnapshotAsync(entry, cancellation)) { Errors = errors };
            Move(entry, document, target);
            await bench.SaveChangesAsync(cancellation);
            await transaction.CommitAsync(cancellation);
        }

        return new SaveResult(SaveOutcome.Saved, await SnapshotAsync(entry, cancellation));
    }

    private async Task RecordAsync(GraftEntry entry, string what, string document, CancellationToken cancellation)
    {
        var splice = TextSplice.Between(entry.Document, document);
        var record = new ChangeEntry
        {
            GraftId = entry.Id,
            ParentId = entry.HeadId,
            What = what,
            At = clock.GetUtcNow(),
            Offset = splice.Offset,
            Removed = splice.Removed,
            Inserted = splice.Inserted,
        };
        bench.Changes.Add(record);
        await bench.SaveChangesAsync(cancellation);
        Move(entry, document, record.Id);
        await bench.SaveChangesAsync(cancellation);
    }

    private void Move(GraftEntry entry, string document, int? head)
    {
        (entry.Document, entry.HeadId, entry.Name) = (document, head, Read(document).Name);
        entry.Revision++;
        entry.ChangedAt = clock.GetUtcNow();
    }

    private Task<GraftEntry?> EntryAsync(int id, CancellationToken cancellation)
        => bench.Grafts.SingleOrDefaultAsync(graft => graft.Id == id && graft.ThrownAwayAt == null, cancellation);

    private Task<List<ChangeEntry>> ChangesAsync(int id, CancellationToken cancellation)
        => bench.Changes.AsNoTracking().Where(change => change.GraftId == id).OrderBy(change => change.Id).ToListAsync(cancellation);

    private async Task<GraftSnapshot> SnapshotAsync(GraftEntry entry, CancellationToken cancellation)
    {
        var undo = await bench.Changes.Where(change => change.Id == entry.HeadId).Select(change => change.What).SingleOrDefaultAsync(cancellation);
        var redo = await bench.Changes.Where(change => change.GraftId == entry.Id && change.ParentId == entry.HeadId)
            .OrderByDescending(change => change.Id).Select(change => change.What).FirstOrDefaultAsync(cancellation);
        return Snapshot(entry, undo, redo);
    }

    private static GraftSnapshot Snapshot(GraftEntry entry, string? undo, string? redo)
        => new(entry.Id, entry.Revision, Read(entry.Document), entry.ChangedAt, undo, redo);

    private static string Text(Graft graft) => Encoding.UTF8.GetString(GraftFile.Write(graft));

    private static Graft Read(string document)
    {
        var result = GraftFile.Read(Encoding.UTF8.GetBytes(document));
        return result.Graft ?? throw new InvalidOperationException($"A graft would not survive being written and read: {result.Errors[0]}");
    }
}
