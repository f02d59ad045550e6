using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using Microsoft.EntityFrameworkCore;

namespace LooseGraft.Data.Donors;

/// <summary>Keeps boards that were described once, for the next time the same model comes round.</summary>
public sealed class DonorStore(BenchContext bench, TimeProvider clock)
{
    /// <summary>Every known donor, by model and revision; also those put aside, if asked for.</summary>
    public async Task<IReadOnlyList<KeptDonor>> AllAsync(bool alsoRemoved, CancellationToken cancellation)
        => [.. (await bench.Donors.AsNoTracking().Where(entry => alsoRemoved || entry.RemovedAt == null)
            .OrderBy(entry => entry.Model).ThenBy(entry => entry.Revision).ThenByDescending(entry => entry.Id).ToListAsync(cancellation)).Select(Kept)];

    /// <summary>The models of every known donor, by name: no document is read.</summary>
    public async Task<IReadOnlyList<string>> ModelsAsync(CancellationToken cancellation)
        => await bench.Donors.Where(entry => entry.RemovedAt == null).Select(entry => entry.Model).Distinct().OrderBy(model => model).ToListAsync(cancellation);

    /// <summary>One known donor; null when it is not there.</summary>
    public async Task<KeptDonor?> FindAsync(int id, CancellationToken cancellation)
        => await bench.Donors.AsNoTracking().SingleOrDefaultAsync(entry => entry.Id == id, cancellation) is { } entry ? Kept(entry) : null;

    /// <summary>Keeps a donor. One of the same model and revision is put aside, not overwritten.</summary>
    /// <returns>Its number, and whether another was put aside for it; errors when the file format would not take it.</returns>
    public async Task<(int Id, bool Replaced, IReadOnlyList<FileError> Errors)> KeepAsync(KnownDonor donor, CancellationToken cancellation)
    {
        var bytes = DonorFile.Write(donor);
        if (DonorFile.Read(bytes).Errors is { IsEmpty: false } errors) return (0, false, errors);
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        var now = clock.GetUtcNow();
        var replaced = await bench.Donors.Where(entry => entry.Model == donor.Model && entry.Revision == donor.Revision && entry.RemovedAt == null)
            .ExecuteUpdateAsync(set => set.SetProperty(entry => entry.RemovedAt, now), cancellation);
        var kept = new DonorEntry { Model = donor.Model, Revision = donor.Revision, Document = Encoding.UTF8.GetString(bytes), AddedAt = now };
        bench.Donors.Add(kept);
        await bench.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return (kept.Id, replaced > 0, []);
    }

    /// <summary>Puts a donor aside, or back. Of one model and revision only one is on the shelf: the other changes places with it.</summary>
    public async Task<bool> SetRemovedAsync(int id, bool isRemoved, CancellationToken cancellation)
    {
        await using var transaction = await bench.Database.BeginTransactionAsync(cancellation);
        if (await bench.Donors.SingleOrDefaultAsync(entry => entry.Id == id, cancellation) is not { } entry) return false;
        var now = clock.GetUtcNow();
        if (!isRemoved)
        {
            await bench.Donors.Where(other => other.Model == entry.Model && other.Revision == entry.Revision && other.RemovedAt == null)
                .ExecuteUpdateAsync(set => set.SetProperty(other => other.RemovedAt, now), cancellation);
        }

        entry.RemovedAt = isRemoved ? now : null;
        await bench.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return true;
    }

    private static KeptDonor Kept(DonorEntry entry)
    {
        var result = DonorFile.Read(Encoding.UTF8.GetBytes(entry.Document));
        return new KeptDonor(
            entry.Id, result.Donor ?? throw new InvalidOperationException($"A known donor would not survive being written and read: {result.Errors[0]}"),
            entry.AddedAt, entry.RemovedAt is not null);
    }
}
