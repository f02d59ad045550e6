namespace LooseGraft.Core.Feed;

/// <summary>Random numbers that are the same on every machine and for every order of parts: each follows from a name and a number.</summary>
internal static class SeededDraws
{
    /// <summary>The seed of a name.</summary>
    public static ulong Seed(string text)
    {
        // FNV-1a: the same in every version of the runtime, which hashes of strings are not.
        var hash = 14695981039346656037UL;
        foreach (var letter in text) hash = (hash ^ letter) * 1099511628211UL;
        return hash;
    }

    /// <summary>A number from 0 up to 1.</summary>
    public static double Uniform(ulong seed, ulong index)
    {
        // SplitMix64 (Steele, Lea and Flood 2014): each number by itself, none waiting for the one before.
        var mixed = seed + ((index + 1) * 0x9E3779B97F4A7C15UL);
        mixed = (mixed ^ (mixed >> 30)) * 0xBF58476D1CE4E5B9UL;
        mixed = (mixed ^ (mixed >> 27)) * 0x94D049BB133111EBUL;
        return ((mixed ^ (mixed >> 31)) >> 11) * (1.0 / (1UL << 53));
    }
}
