namespace LooseGraft.Core.Model;

/// <summary>Lists in which each thing is spoken of once.</summary>
internal static class SaidOnce
{
    /// <summary>The same with something said of one thing in place of what was said of it before.</summary>
    public static ValueList<T> With<T>(this ValueList<T> said, T now, Func<T, bool> isOfTheSame)
        => said.Any(isOfTheSame) ? [.. said.Select(each => isOfTheSame(each) ? now : each)] : said.Add(now);

    /// <summary>The same with a new thing under an id of its own, or with a thing in place of what it was. What is gone is not put in again.</summary>
    /// <param name="said">The things.</param>
    /// <param name="idOf">The id of a thing.</param>
    /// <param name="id">The id of the one that is put in; empty for a new one.</param>
    /// <param name="name">What a new id is made from.</param>
    /// <param name="put">Makes the thing with its id, and with what it was.</param>
    public static ValueList<T> Put<T>(this ValueList<T> said, Func<T, string> idOf, string id, string name, Func<string, T?, T> put)
        where T : class
        => id.Length == 0 ? said.Add(put(GraftEdits.FreshId(name, said.Select(idOf)), null))
            : said.FirstOrDefault(each => idOf(each) == id) is { } was ? said.With(put(id, was), each => idOf(each) == id) : said;
}
