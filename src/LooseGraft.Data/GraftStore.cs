using System.Collections.Immutable;
using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Core.Files.Meetings;
using LooseGraft.Core.Model;
using LooseGraft.Data.History;
using LooseGraft.Data.Owned;
using LooseGraft.Data.Records;
using Microsoft.EntityFrameworkCore;

namespace LooseGraft.Data;

/// <summary>Keeps grafts and every change made to them. Each change is one transaction.</summary>
public sealed class GraftStore(BenchContext bench, ReadGrafts grafts, TimeProvider clock)
{
    /// <summary>Every graft on the shelf, the last changed first.</summary>
    public async Task<IReadOnlyList<ShelfEntry>> ShelfAsync(CancellationToken cancellation)
        => await bench.Grafts.Where(graft => graft.ThrownAwayAt == null).OrderByDescending(graft => graft.ChangedAt).ThenByDescending(graft => graft.Id)

            .Select(graft => new ShelfEntry(graft.Id, graft.Revision, bench.Records.Count(record => record.GraftId == graft.Id), graft.Name))
            .ToListAsync(cancellation);

    /// <summary>What lies on the compost, the last thrown away first.</summary>
    public async Task<IReadOnlyList<ThrownGraft>> CompostAsync(CancellationToken cancellation)
        => await bench.Grafts.Where(graft => graft.ThrownAwayAt != null).OrderByDescending(graft => graft.ThrownAwayAt)
            .Select(graft => new ThrownGraft(graft.Id, graft.Name, graft.ThrownAwayAt!.Value)).ToListAsync(cancellation);

    /// <summary>One graft; null when it is not on the shelf.</summary>
    public async Task<GraftSnapshot?> FindAsync(int id, CancellationToken cancellation)
        => await StandingAsync(id, cancellation) is { } standing ? await SnapshotAsync(standing, cancellation) : null;

    /// <summary>Puts a new graft on the shelf.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="cancellation">Stops before anything is kept.</param>
    /// <param name="takesFromBin">Whether what its parts name is taken from the bin, as far as all of it is there. A copy, or a graft from elsewhere, takes
    /// nothing until its builder says so.</param>
    /// <returns>Its number.</returns>
    public async Task<int> AddAsync(Graft graft, CancellationToken cancellation, bool takesFromBin = false)
    {
        var records = graft.Records;
        graft = graft with { Records = [] };
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        var entry = new GraftEntry
        {
            Name = graft.Name,
            Document = ReadGraft.Text(takesFromBin ? graft : BinLedger.WithoutClaims(graft)),
            ChangedAt = clock.GetUtcNow(),
            Revision = 1,
        };
        bench.Grafts.Add(entry);
        await bench.SaveChangesAsync(cancellation);
        RecordBook.Add(bench, entry.Id, records);
        if (takesFromBin && !(await BinLedger.SettleAsync(bench, entry.Id, graft, cancellation)).IsEmpty)
            entry.Document = ReadGraft.Text(BinLedger.WithoutClaims(graft));
        await bench.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return entry.Id;
    }

    /// <summary>Changes a graft.</summary>
    /// <param name="id">The graft.</param>
    /// <param name="revision">The revision the change was made upon.</param>
    /// <param name="edit">The change.</param>
    /// <param name="cancellation">Stops before anything is kept.</param>
    public async Task<SaveResult> ChangeAsync(int id, int revision, GraftEdit edit, CancellationToken cancellation)
    {
        if (await StandingAsync(id, cancellation) is not { } standing) return new SaveResult(SaveOutcome.Gone, null);
        var document = ReadGraft.Text(edit.Apply(standing.Graft));
        var words = edit.Words(standing.Graft);
        var record = edit.Happened is { } kind ? edit.Recorded(RecordBook.Of(kind, words, clock.GetUtcNow())) : null;
        if (record is not null && RecordFile.ErrorsOf(record) is { IsEmpty: false } wrong) return await RefusedAsync(standing, wrong, cancellation);
        // What stands may have been written by an older version, so it is held against how it would be written now.
        if (document == standing.Read.Written)
        {
            if (edit.HappensAlone) await HappenAsync(id, edit, record, words, cancellation);
            return new SaveResult(SaveOutcome.Saved, await SnapshotAsync(standing, cancellation)) { What = words };
        }

        var met = standing.Revision == revision ? null : await MeetAsync(standing, revision, edit, cancellation);
        if (standing.Revision != revision && met?.Meeting.Together is null)
            return new SaveResult(SaveOutcome.Stale, await SnapshotAsync(standing, cancellation)) { Met = met };
        // What could not be read back is not kept: the file format's rules are the rules of every edit.
        var read = GraftFile.Read(Encoding.UTF8.GetBytes(document));
        if (read.Graft is not { } graft) return await RefusedAsync(standing, read.Errors, cancellation);
        var (outcome, errors, kept) = await TryKeepAsync(standing, new ReadGraft(graft, document), async entry =>
        {
            await RecordAsync(id, edit, record, words, cancellation);
            await AddChangeAsync(entry, standing.Read.Written, words, document, graft.Name, cancellation);
        }, cancellation);
        return kept is null
            ? await NotKeptAsync(standing, outcome, errors, cancellation)
            : new SaveResult(outcome, new GraftSnapshot(id, kept.Revision, graft, kept.ChangedAt, CanUndo: words, CanRedo: null))
            { What = words, Met = met };
    }

    /// <summary>Takes back the last change; does nothing when there is none.</summary>
    public Task<SaveResult> UndoAsync(int id, int revision, CancellationToken cancellation)
        => MoveAsync(id, revision, (head, tree) => (head is not null, tree.ParentOf(head)), cancellation);

    /// <summary>Brings back the change last made upon the present state; does nothing when there is none.</summary>
    public Task<SaveResult> RedoAsync(int id, int revision, CancellationToken cancellation)
        => MoveAsync(id, revision, (head, tree) => (tree.NewestUpon(head) is not null, tree.NewestUpon(head)), cancellation);

    /// <summary>Goes to the state after any change of the graft, on whichever branch; null goes to the beginning.</summary>
    public Task<SaveResult> GoToAsync(int id, int revision, int? changeId, CancellationToken cancellation)
        => MoveAsync(id, revision, (_, tree) => (changeId is not { } target || tree.Contains(target), changeId), cancellation);

    /// <summary>Every change of a graft in the order they were made, and which of them the graft is in.</summary>
    public async Task<GraftHistory> HistoryAsync(int id, CancellationToken cancellation)
    {
        var head = await bench.Grafts.Where(graft => graft.Id == id).Select(graft => graft.HeadId).SingleOrDefaultAsync(cancellation);
        var taken = (await TreeAsync(id, cancellation)).Ancestry(head).ToHashSet();
        var changes = await bench.Changes.Where(change => change.GraftId == id).OrderBy(change => change.Id)
            .Select(change => new { change.Id, change.What, change.At }).ToListAsync(cancellation);
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

    /// <summary>Puts a graft back on the shelf. What it took from the bin and others have been promised since, it lets go, as a change of its
    /// history.</summary>
    public async Task<bool> PutBackAsync(int id, CancellationToken cancellation)
    {
        // Read before anybody has to wait for it: a graft on the compost does not change.
        var thrown = bench.Grafts.Where(graft => graft.Id == id && graft.ThrownAwayAt != null);
        if (await thrown.Select(graft => graft.Document).SingleOrDefaultAsync(cancellation) is not { } document) return false;
        var graft = Read(document);
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        if (await thrown.SingleOrDefaultAsync(cancellation) is not { } entry) return false;
        entry.ThrownAwayAt = null;
        if (!(await BinLedger.SettleAsync(bench, id, graft, cancellation)).IsEmpty)
            await AddChangeAsync(
                entry, ReadGraft.Text(graft), "What it took from the bin is let go: some of it is promised to another graft",
                ReadGraft.Text(BinLedger.WithoutClaims(graft)), graft.Name, cancellation);
        await bench.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return true;
    }

    /// <summary>Destroys a graft on the compost with its history, for good.</summary>
    public async Task<bool> DestroyAsync(int id, CancellationToken cancellation)
        => await bench.Grafts.Where(graft => graft.Id == id && graft.ThrownAwayAt != null).ExecuteDeleteAsync(cancellation) == 1;

    private async Task<SaveResult> MoveAsync(int id, int revision, Func<int?, ChangeTree, (bool Exists, int? Target)> choose, CancellationToken cancellation)
    {
        if (await StandingAsync(id, cancellation) is not { } standing) return new SaveResult(SaveOutcome.Gone, null);
        if (standing.Revision != revision) return new SaveResult(SaveOutcome.Stale, await SnapshotAsync(standing, cancellation));
        var tree = await TreeAsync(id, cancellation);
        // Thrown away and destroyed since it was looked up.
        if (standing.HeadId is { } head && !tree.Contains(head)) return new SaveResult(SaveOutcome.Gone, null);
        var (exists, target) = choose(standing.HeadId, tree);
        if (!exists || target == standing.HeadId) return new SaveResult(SaveOutcome.Saved, await SnapshotAsync(standing, cancellation));
        if (await WalkAsync(standing, tree.Way(standing.HeadId, target), cancellation) is not var (document, _))
            return new SaveResult(SaveOutcome.Stale, await FindAsync(id, cancellation));
        var graft = Read(document);
        var (outcome, errors, kept) = await TryKeepAsync(standing, new ReadGraft(graft), entry =>
        {
            Move(entry, document, graft.Name, target);
            entry.Revision++;
            return bench.SaveChangesAsync(cancellation);
        }, cancellation);
        return kept is null
            ? await NotKeptAsync(standing, outcome, errors, cancellation) : new SaveResult(outcome, await SnapshotAsync(kept, cancellation));
    }

    // The document at the end of a way through the changes, and what the changes on it are called; null when the graft was changed while it was walked.
    private async Task<(string Document, ImmutableArray<string> Called)?> WalkAsync(
        Standing standing, IReadOnlyList<(int Id, bool IsBack)> way, CancellationToken cancellation)
    {
        var ids = way.Select(step => step.Id).ToList();
        var changes = await bench.Changes.AsNoTracking().Where(change => ids.Contains(change.Id)).ToDictionaryAsync(change => change.Id, cancellation);
        if (await DocumentAsync(standing, cancellation) is not { } before || changes.Count < ids.Count) return null;
        var document = way.Aggregate(before, (text, step) => (step.IsBack ? changes[step.Id].Splice.Inverse : changes[step.Id].Splice).ApplyTo(text));
        return (document, [.. way.Select(step => changes[step.Id].What)]);
    }

    private async Task HappenAsync(int id, GraftEdit edit, BenchRecord? record, string words, CancellationToken cancellation)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        await RecordAsync(id, edit, record, words, cancellation);
        await bench.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
    }

    private async Task RecordAsync(int id, GraftEdit edit, BenchRecord? record, string words, CancellationToken cancellation)
    {
        if (record is not null) RecordBook.Add(bench, id, [record]);
        if (!edit.ToBin.IsEmpty) await BinStore.PutInAsync(bench, [.. edit.ToBin.Select(BinItem.Of)], words, clock.GetUtcNow(), cancellation);
    }

    // What was kept since the builder's page was made may be of another matter. Where the state it showed is not known any more, as after an undo, nobody can
    // tell, and the builder is asked.
    private async Task<Meanwhile?> MeetAsync(Standing standing, int revision, GraftEdit edit, CancellationToken cancellation)
    {
        var tree = await TreeAsync(standing.Id, cancellation);
        var shown = await bench.Changes.Where(change => change.GraftId == standing.Id && change.Revision == revision).Select(change => (int?)change.Id)
            .SingleOrDefaultAsync(cancellation);
        if ((shown is null && revision != 1) || (standing.HeadId is { } head && !tree.Contains(head))) return null;
        var way = tree.Way(standing.HeadId, shown);
        if (await WalkAsync(standing, way, cancellation) is not var (document, called)) return null;
        var began = Read(document);
        var came = way.Zip(called, (step, what) => step.IsBack ? what : $"taken back: {what}").Reverse();
        return new Meanwhile(Meeting.Of(began, edit, standing.Graft), edit.Apply(began), [.. came]);
    }

    private async Task<SaveResult> NotKeptAsync(Standing standing, SaveOutcome outcome, ImmutableArray<FileError> errors, CancellationToken cancellation)
        => outcome switch
        {
            SaveOutcome.Stale => new SaveResult(outcome, await FindAsync(standing.Id, cancellation)),
            SaveOutcome.Refused => await RefusedAsync(standing, errors, cancellation),
            _ => new SaveResult(SaveOutcome.Gone, null),
        };

    // Only here a graft is held against others, and all other writers wait: no document is read, and everything that takes long was done before.
    private async Task<(SaveOutcome Outcome, ImmutableArray<FileError> Errors, Standing? Kept)> TryKeepAsync(
        Standing standing, ReadGraft read, Func<GraftEntry, Task> keep, CancellationToken cancellation)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        if (await EntryAsync(standing.Id, cancellation) is not { } entry) return (SaveOutcome.Gone, [], null);
        if (entry.Revision != standing.Revision) return (SaveOutcome.Stale, [], null);
        // What it takes from the bin may be promised to another graft by now; what it took already is promised to it.
        var errors = BinLedger.TakesTheSame(standing.Graft, read.Graft) ? [] : await BinLedger.SettleAsync(bench, standing.Id, read.Graft, cancellation);
        if (!errors.IsEmpty) return (SaveOutcome.Refused, errors, null);
        await keep(entry);
        await transaction.CommitAsync(cancellation);
        grafts.Keep(entry.Id, entry.Revision, read);
        return (SaveOutcome.Saved, [], new Standing(entry.Id, entry.Revision, entry.HeadId, entry.ChangedAt, read));
    }

    private async Task<SaveResult> RefusedAsync(Standing standing, ImmutableArray<FileError> errors, CancellationToken cancellation)
        => new(SaveOutcome.Refused, await SnapshotAsync(standing, cancellation)) { Errors = errors };

    private async Task AddChangeAsync(GraftEntry entry, string before, string what, string document, string name, CancellationToken cancellation)
    {
        // What an older version wrote stays as it is, for the history is offsets into it. It is brought to this version by a change of its own, so that the
        // next one shows what was done and nothing else.
        if (GraftFile.IsOlder(Encoding.UTF8.GetBytes(entry.Document)))
            await AddRowAsync(entry, $"Brought to version {GraftFile.Version} of the file", before, entry.Name, revision: null, cancellation);
        await AddRowAsync(entry, what, document, name, entry.Revision + 1, cancellation);
        entry.Revision++;
        await bench.SaveChangesAsync(cancellation);
    }

    private async Task AddRowAsync(GraftEntry entry, string what, string document, string name, int? revision, CancellationToken cancellation)
    {
        var splice = TextSplice.Between(entry.Document, document);
        var change = new ChangeEntry
        {
            GraftId = entry.Id,
            ParentId = entry.HeadId,
            Revision = revision,
            What = what,
            At = clock.GetUtcNow(),
            Offset = splice.Offset,
            Removed = splice.Removed,
            Inserted = splice.Inserted,
        };
        bench.Changes.Add(change);
        await bench.SaveChangesAsync(cancellation);
        Move(entry, document, name, change.Id);
    }

    private void Move(GraftEntry entry, string document, string name, int? head)
    {
        (entry.Document, entry.HeadId, entry.Name) = (document, head, name);
        entry.ChangedAt = clock.GetUtcNow();
    }

    private Task<GraftEntry?> EntryAsync(int id, CancellationToken cancellation)
        => bench.Grafts.SingleOrDefaultAsync(graft => graft.Id == id && graft.ThrownAwayAt == null, cancellation);

    private Task<string?> DocumentAsync(Standing standing, CancellationToken cancellation)
        => bench.Grafts.Where(graft => graft.Id == standing.Id && graft.Revision == standing.Revision).Select(graft => graft.Document)
            .SingleOrDefaultAsync(cancellation);

    private async Task<ChangeTree> TreeAsync(int id, CancellationToken cancellation)
        => new(await bench.Changes.Where(change => change.GraftId == id).ToDictionaryAsync(change => change.Id, change => change.ParentId, cancellation));

    // The document is fetched only when its graft has to be read, and only read when that revision was not read before.
    private async Task<Standing?> StandingAsync(int id, CancellationToken cancellation)
    {
        var head = await bench.Grafts.Where(graft => graft.Id == id && graft.ThrownAwayAt == null)
            .Select(graft => new { graft.Revision, graft.HeadId, graft.ChangedAt }).SingleOrDefaultAsync(cancellation);
        if (head is null) return null;
        if (grafts.Find(id, head.Revision) is { } known) return new Standing(id, head.Revision, head.HeadId, head.ChangedAt, known);
        var entry = await bench.Grafts.AsNoTracking().SingleOrDefaultAsync(graft => graft.Id == id && graft.ThrownAwayAt == null, cancellation);
        return entry is null
            ? null : new Standing(id, entry.Revision, entry.HeadId, entry.ChangedAt, grafts.Keep(id, entry.Revision, new ReadGraft(Read(entry.Document))));
    }

    private async Task<GraftSnapshot> SnapshotAsync(Standing standing, CancellationToken cancellation)
    {
        var undo = await bench.Changes.Where(change => change.Id == standing.HeadId).Select(change => change.What).SingleOrDefaultAsync(cancellation);
        var redo = await bench.Changes.Where(change => change.GraftId == standing.Id && change.ParentId == standing.HeadId)
            .OrderByDescending(change => change.Id).Select(change => change.What).FirstOrDefaultAsync(cancellation);
        return new GraftSnapshot(standing.Id, standing.Revision, standing.Graft, standing.ChangedAt, undo, redo);
    }

    private static Graft Read(string document)
    {
        var result = GraftFile.Read(Encoding.UTF8.GetBytes(document));
        return result.Graft ?? throw new InvalidOperationException($"A graft would not survive being written and read: {result.Errors[0]}");
    }

    /// <summary>A graft as it stands, read.</summary>
    private sealed record Standing(int Id, int Revision, int? HeadId, DateTimeOffset ChangedAt, ReadGraft Read)
    {
        public Graft Graft => Read.Graft;
    }
}
