namespace LooseGraft.Data.Photos;

/// <summary>What came of taking a picture in.</summary>
/// <param name="Photo">What to keep; null when it is refused.</param>
/// <param name="Problem">Why it is refused, to follow "not kept:"; null when it is not.</param>
public sealed record PhotoIntakeResult(KeptPhoto? Photo, string? Problem)
{
    internal static PhotoIntakeResult Refused(string problem) => new(null, problem);
}
