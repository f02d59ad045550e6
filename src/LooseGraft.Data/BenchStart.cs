using LooseGraft.Core.Files;
using LooseGraft.Data.Donors;
using LooseGraft.Data.Owned;
using LooseGraft.Data.Photos;
using LooseGraft.Data.Tables;
using Microsoft.EntityFrameworkCore;

namespace LooseGraft.Data;

/// <summary>Brings the database up to date when the application starts.</summary>
public static class BenchStart
{
    /// <summary>Applies migrations and, on a bench that never existed before, puts out the demo: its bin, its known donors and its grafts.</summary>
    /// <param name="bench">The database.</param>
    /// <param name="store">Its grafts.</param>
    /// <param name="bin">What is owned.</param>
    /// <param name="donors">The known donors.</param>
    /// <param name="photos">Where pictures are kept.</param>
    /// <param name="demoFolder">Folder of graft files, with <c>bin.csv</c> and the folders <c>donors</c> and <c>photos</c>; null for an empty bench.</param>
    /// <param name="cancellation">Stops between files.</param>
    /// <exception cref="InvalidDataException">A demo file cannot be read.</exception>
    public static async Task OpenAsync(BenchContext bench, GraftStore store, BinStore bin, DonorStore donors, PhotoFolder photos, string? demoFolder, CancellationToken cancellation)
    {
        var isNew = !(await bench.Database.GetAppliedMigrationsAsync(cancellation)).Any();
        await bench.Database.MigrateAsync(cancellation);
        if (!isNew || demoFolder is null) return;

        await FillBinAsync(bin, Path.Combine(demoFolder, "bin.csv"), cancellation);
        foreach (var file in Directory.EnumerateFiles(Path.Combine(demoFolder, "donors"), "*.json").Order())
        {
            var read = DonorFile.Read(await File.ReadAllBytesAsync(file, cancellation));
            await donors.KeepAsync(read.Donor ?? throw new InvalidDataException($"{Path.GetFileName(file)}: {read.Errors[0]}"), cancellation);
        }

        foreach (var file in Directory.EnumerateFiles(Path.Combine(demoFolder, "photos"), "*.jpg"))
        {
            // Demo pictures lie under the hash of their content, as they do on any bench.
            var jpeg = await File.ReadAllBytesAsync(file, cancellation);
            await photos.KeepAsync(new KeptPhoto(Path.GetFileNameWithoutExtension(file), 0, 0, jpeg), cancellation);
        }

        // The last one added stands first on the shelf, and the main demo's name comes first in the alphabet.
        foreach (var file in Directory.EnumerateFiles(demoFolder, "*.json").OrderDescending())
        {
            var result = GraftFile.Read(await File.ReadAllBytesAsync(file, cancellation));
            await store.AddAsync(result.Graft ?? throw new InvalidDataException($"{Path.GetFileName(file)}: {result.Errors[0]}"), cancellation, takesFromBin: true);
        }
    }

    private static async Task FillBinAsync(BinStore bin, string file, CancellationToken cancellation)
    {
        var table = CsvTable.Read(await File.ReadAllBytesAsync(file, cancellation));
        if (table.Problem is { } problem) throw new InvalidDataException($"{Path.GetFileName(file)}: {problem}");
        var (items, errors) = BinTable.Read(table.Rows.Skip(1), BinTable.Match(table.Rows[0]), "EUR");
        if (errors.Count > 0) throw new InvalidDataException($"{Path.GetFileName(file)}: {errors[0]}");
        await bin.AddAsync(items, "The demo's bin", cancellation);
    }
}
