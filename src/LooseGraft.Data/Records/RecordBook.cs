using System.Collections.Immutable;
using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using Microsoft.EntityFrameworkCore;

namespace LooseGraft.Data.Records;

/// <summary>What happened at the bench, graft by graft, in the order it was written down. Undo does not reach it.</summary>
public sealed class RecordBook(BenchContext bench)
{
    /// <summary>The records of a graft, oldest first: the newest <see cref="GraftFileLimits.Records"/> of them, which is as many as a file carries.</summary>
    public async Task<ImmutableArray<BenchRecord>> OfAsync(int graft, CancellationToken cancellation)
    {
        var documents = await bench.Records.Where(record => record.GraftId == graft).OrderByDescending(record => record.Id).Take(GraftFileLimits.Records)
            .Select(record => record.Document).ToListAsync(cancellation);
        documents.Reverse();
        return [.. documents.Select(document => RecordFile.Read(Encoding.UTF8.GetBytes(document)))];
    }

    /// <summary>What was ordered for a graft and what came of it, oldest first.</summary>
    public async Task<ValueList<BenchRecord>> OrdersOfAsync(int graft, CancellationToken cancellation)
    {
        // Of thousands of readings none has to be read to find the few orders.
        var documents = await bench.Records.Where(record => record.GraftId == graft
                && (record.Document.Contains("\"order\"") || record.Document.Contains("\"arrival\"") || record.Document.Contains("\"corrects\"")))
            .OrderBy(record => record.Id).Take(GraftFileLimits.Records).Select(record => record.Document).ToListAsync(cancellation);
        return [.. documents.Select(document => RecordFile.Read(Encoding.UTF8.GetBytes(document)))];
    }

    /// <summary>Writes down what happened; part of the transaction it is called in.</summary>
    internal static void Add(BenchContext bench, int graft, IEnumerable<BenchRecord> records)
        => bench.Records.AddRange(
            records.Select(record => new RecordEntry { GraftId = graft, At = record.At, Document = Encoding.UTF8.GetString(RecordFile.Write(record)) }));

    /// <summary>A record of an edit.</summary>
    internal static BenchRecord Of(RecordKind kind, string says, DateTimeOffset at) => new(Guid.CreateVersion7(at).ToString(), at, kind, says);
}
