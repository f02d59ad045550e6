using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Buy.Comparing;

/// <summary>How the plugs of one kind that an offered supply brings along stand against those that are in use.</summary>
/// <param name="Type">The kind of connector.</param>
/// <param name="Needed">How many are in use or wanted, 1 or more.</param>
/// <param name="Had">How many it brings along.</param>
/// <param name="Lacks">By how many millimetres the worst of them falls short of its way; null where none does.</param>
/// <param name="Unmeasured">How many have a way to go of which nobody said whether they reach.</param>
public sealed record PlugFit(ConnectorType Type, int Needed, int Had, double? Lacks, int Unmeasured)
{
    /// <summary>How many are missing.</summary>
    public int Missing => Math.Max(0, Needed - Had);

    /// <summary>Whether there are enough, and each reaches as far as anybody knows a way.</summary>
    public bool IsEnough => Missing == 0 && Lacks is null && Unmeasured == 0;

    /// <summary>Gives plugs out to ways, the longest to the longest: no other order leaves the worst of them less short. Where there are too few, the
    /// longest ways go without.</summary>
    /// <param name="type">The kind of connector.</param>
    /// <param name="ways">How far each has to go; null where no way was drawn.</param>
    /// <param name="reaches">How far each plug reaches; null where nobody said.</param>
    public static PlugFit Of(ConnectorType type, IReadOnlyCollection<double?> ways, IReadOnlyCollection<double?> reaches)
    {
        var pairs = ways.OrderByDescending(way => way ?? 0).Skip(Math.Max(0, ways.Count - reaches.Count))
            .Zip(reaches.OrderByDescending(reach => reach ?? 0)).Where(pair => pair.First is not null).ToArray();
        var worst = pairs.Where(pair => pair.Second is not null).Select(pair => pair.First!.Value - pair.Second!.Value).Where(less => less > 0)
            .Select(less => (double?)less).Max();
        return new PlugFit(type, ways.Count, reaches.Count, worst, pairs.Count(pair => pair.Second is null));
    }
}
