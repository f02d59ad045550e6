namespace LooseGraft.Data;

/// <summary>Lets one at a time do something to a bench's folder, in this process or another. The lock is the operating system's: it goes with the process,
/// however that ends.</summary>
internal static class FolderLock
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);
    private static readonly TimeSpan Pause = TimeSpan.FromMilliseconds(100);

    /// <summary>Takes the lock; it is given back when the returned stream is disposed of.</summary>
    /// <exception cref="BenchStartException">Somebody else has held it for a minute.</exception>
    public static async Task<FileStream> TakeAsync(string path, CancellationToken cancellation)
    {
        using var pulse = new PeriodicTimer(Pause);
        for (var waited = TimeSpan.Zero; waited < Patience; waited += Pause)
        {
            try
            {
                return new FileStream(path, FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None);
            }
            catch (IOException) when (File.Exists(path))
            {
                await pulse.WaitForNextTickAsync(cancellation);
            }
        }

        throw new BenchStartException(
            $"For a minute somebody else has been opening, copying or restoring the bench in {Path.GetDirectoryName(path)}. Wait until that is done, or stop the other Loose Graft.");
    }
}
