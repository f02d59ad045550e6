namespace LooseGraft.Core.Model;

/// <summary>Choices of what the air is told, in a builder's words.</summary>
public static class CoolingWords
{
    /// <summary>Where a shell stands.</summary>
    public static string Words(this ShellStand stand) => stand switch
    {
        ShellStand.Free => "stands free",
        ShellStand.AgainstWall => "stands against a wall",
        _ => "stands in a cupboard",
    };

    /// <summary>What a machine does meanwhile.</summary>
    public static string Words(this HeatCase work) => work switch
    {
        HeatCase.Idle => "idle",
        HeatCase.Typical => "ordinary use",
        _ => "peak",
    };

    /// <summary>The side that is up.</summary>
    public static string Words(this ShellTop top) => top switch
    {
        ShellTop.Lid => "lid",
        _ => $"{top.ToString().ToLowerInvariant()} side",
    };
}
