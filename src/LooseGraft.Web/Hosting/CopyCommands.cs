using System.Globalization;
using LooseGraft.Data;
using LooseGraft.Data.Copies;

namespace LooseGraft.Web.Hosting;

/// <summary>What is asked of the copies from a shell: <c>copies</c> lists them, <c>restore NAME</c> puts one in the bench's place.</summary>
internal static class CopyCommands
{
    /// <summary>Does what was asked.</summary>
    /// <returns>The exit code; null where nothing of the kind was asked.</returns>
    public static async Task<int?> RunAsync(string[] args, string? data, TextWriter says, TextWriter refuses)
    {
        if (args is not (["copies"] or ["restore", _])) return null;
        try
        {
            var folder = BenchFolder.At(data);
            var copies = new BenchCopies(folder, TimeProvider.System);
            if (args is ["restore", var name])
            {
                await new BenchRestore(folder, copies).RestoreAsync(name, isServed: false, CancellationToken.None);
                await says.WriteLineAsync($"The bench stands as in {name}. How it stood before is a copy of its own, the newest.");
            }

            foreach (var copy in copies.All())
                await says.WriteLineAsync(string.Create(CultureInfo.InvariantCulture, $"{copy.Name}  {copy.Bytes / 1024.0:0} kB"));
            if (copies.All().Count == 0) await says.WriteLineAsync($"There are no copies in {folder.Copies} yet.");
            return 0;
        }
        catch (BenchStartException exception)
        {
            await refuses.WriteLineAsync(exception.Message);
            return 2;
        }
    }
}
