using LooseGraft.Core.Files;
using Microsoft.EntityFrameworkCore;

namespace LooseGraft.Data;

/// <summary>Brings the database up to date when the application starts.</summary>
public static class BenchStart
{
    /// <summary>Applies migrations and, on a bench that never existed before, puts the demo grafts on the shelf.</summary>
    /// <param name="bench">The database.</param>
    /// <param name="store">Its grafts.</param>
    /// <param name="demoFolder">Folder of graft files; null for an empty shelf.</param>
    /// <param name="cancellation">Stops between files.</param>
    /// <exception cref="InvalidDataException">A demo file cannot be read.</exception>
    public static async Task OpenAsync(BenchContext bench, GraftStore store, string? demoFolder, CancellationToken cancellation)
    {
        var isNew = !(await bench.Database.GetAppliedMigrationsAsync(cancellation)).Any();
        await bench.Database.MigrateAsync(cancellation);
        if (!isNew || demoFolder is null) return;

        // The last one added stands first on the shelf, and the main demo's name comes first in the alphabet.
        foreach (var file in Directory.EnumerateFiles(demoFolder, "*.json").OrderDescending())
        {
            var result = GraftFile.Read(await File.ReadAllBytesAsync(file, cancellation));
            await store.AddAsync(result.Graft ?? throw new InvalidDataException($"{Path.GetFileName(file)}: {result.Errors[0]}"), cancellation);
        }
    }
}
