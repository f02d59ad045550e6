namespace LooseGraft.Core.Facts;

/// <summary>A fact together with where it comes from.</summary>
/// <typeparam name="T">What is known.</typeparam>
/// <param name="Value">The fact.</param>
/// <param name="Evidence">Where it comes from.</param>
/// <param name="Note">Anything worth remembering about it, such as where the reading was taken.</param>
public sealed record Known<T>(T Value, Evidence Evidence, string? Note = null)
{
    /// <summary>Whether the fact may be relied on as it stands.</summary>
    public bool IsProven => Evidence.IsProven();
}
