using LooseGraft.Data.Copies;

namespace LooseGraft.Data;

/// <summary>A bench cannot be opened. The message is one sentence or two for whoever started it: what is wrong, and what to do.</summary>
public sealed class BenchStartException(string message, Exception? cause = null) : Exception(message, cause)
{
    /// <summary>What keeps a bench from being opened, in words; null where it is nothing that whoever started it could mend.</summary>
    internal static BenchStartException? Of(Exception exception, BenchFolder folder)
    {
        var copies = new BenchCopies(folder, TimeProvider.System);
        var words = StorageTroubles.Of(exception) switch
        {
            StorageTrouble.Damaged => $"The bench in {folder.Database} is damaged or is no bench. "
                + (copies.All() is [var copy, ..] ? $"Put its last copy back: ./start restore \"{copy.Name}\" (it lies in {folder.Copies})."
                    : $"Move that file aside and start again with an empty bench; no copy of it lies in {folder.Copies}."),
            StorageTrouble.Locked => $"Another program holds the bench in {folder.Database}. Close it, or set DATA to another folder; nothing was changed.",
            StorageTrouble.ReadOnly => $"The bench in {folder.Database} may not be written. Give this user the right to write there, or set DATA to another folder.",
            StorageTrouble.Full => $"There is no room left on the disk of {folder.Database}. Make some and start again; nothing was changed.",
            _ => null,
        };
        return words is null ? null : new BenchStartException(words, exception);
    }
}
