namespace LooseGraft.Data;

/// <summary>Lets one process at a time open a bench. The lock is the operating system's: it goes with the process, however that ends.</summary>
internal static class StartLock
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);
    private static readonly TimeSpan Pause = TimeSpan.FromMilliseconds(100);

    /// <summary>Takes the lock; it is given back when the returned stream is disposed of.</summary>
    /// <exception cref="BenchStartException">Another process has been opening the bench for a minute.</exception>
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
            $"Another Loose Graft has been opening the bench in {Path.GetDirectoryName(path)} for a minute. Stop it, or set DATA to another folder.");
    }
}
