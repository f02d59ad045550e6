namespace LooseGraft.Web.Hosting;

/// <summary>Something that takes its time, as far as it is.</summary>
/// <typeparam name="T">What comes of it.</typeparam>
/// <param name="Result">What came of it; null while it is under way or was not begun.</param>
/// <param name="State">How it stands.</param>
/// <param name="At">What it is at, as in “joint 3 of 20”; empty for the whole.</param>
public sealed record Weighed<T>(T? Result, WeighedState State, string At)
    where T : class
{
    /// <summary>Nobody asked for it.</summary>
    public static readonly Weighed<T> NotAsked = new(null, WeighedState.Stopped, "");
}
