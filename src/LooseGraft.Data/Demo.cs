using LooseGraft.Core.Files;
using LooseGraft.Data.Donors;
using LooseGraft.Data.Owned;
using LooseGraft.Data.Photos;
using LooseGraft.Data.Tables;

namespace LooseGraft.Data;

/// <summary>Puts out what a bench begins with: its bin, its known donors and its grafts.</summary>
internal static class Demo
{
    /// <summary>Puts everything out on an empty bench.</summary>
    /// <exception cref="InvalidDataException">A demo file cannot be read.</exception>
    public static async Task PutOutAsync(string folder, BenchContext bench, PhotoFolder photos, TimeProvider clock, CancellationToken cancellation)
    {
        await FillBinAsync(new BinStore(bench, clock), Path.Combine(folder, "bin.csv"), cancellation);
        var donors = new DonorStore(bench, clock);
        foreach (var file in Directory.EnumerateFiles(Path.Combine(folder, "donors"), "*.json").Order())
        {
            var read = DonorFile.Read(await File.ReadAllBytesAsync(file, cancellation));
            await donors.KeepAsync(read.Donor ?? throw new InvalidDataException($"{Path.GetFileName(file)}: {read.Errors[0]}"), cancellation);
        }

        foreach (var file in Directory.EnumerateFiles(Path.Combine(folder, "photos"), "*.jpg"))
        {
            // Demo pictures lie under the hash of their content, as they do on any bench.
            var jpeg = await File.ReadAllBytesAsync(file, cancellation);
            await photos.KeepAsync(new KeptPhoto(Path.GetFileNameWithoutExtension(file), 0, 0, jpeg), cancellation);
        }

        var known = new ReadGrafts();
        var grafts = new GraftStore(bench, known, clock);
        // The last one added stands first on the shelf, and the main demo's name comes first in the alphabet.
        foreach (var file in Directory.EnumerateFiles(folder, "*.json").OrderDescending())
        {
            var result = GraftFile.Read(await File.ReadAllBytesAsync(file, cancellation));
            await grafts.AddAsync(
                result.Graft ?? throw new InvalidDataException($"{Path.GetFileName(file)}: {result.Errors[0]}"), cancellation, takesFromBin: true);
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
