namespace LooseGraft.Core.Stock;

/// <summary>A name for one more of a sort.</summary>
internal static class FreeName
{
    /// <summary>The name itself, or else the first of <c>name (2)</c>, <c>name (3)</c> and so on that nobody has.</summary>
    /// <param name="name">What it is called.</param>
    /// <param name="isTaken">Whether something has a name; of any row of them it must say no at last.</param>
    public static string Of(string name, Func<string, bool> isTaken)
    {
        var free = name;
        for (var number = 2; isTaken(free); number++) free = $"{name} ({number})";
        return free;
    }
}
