namespace LooseGraft.Core.Model;

/// <summary>Lists in which each thing is spoken of once.</summary>
internal static class SaidOnce
{
    /// <summary>The same with something said of one thing in place of what was said of it before.</summary>
    public static ValueList<T> With<T>(this ValueList<T> said, T now, Func<T, bool> isOfTheSame)
        => said.Any(isOfTheSame) ? [.. said.Select(each => isOfTheSame(each) ? now : each)] : said.Add(now);
}
