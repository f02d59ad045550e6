namespace LooseGraft.Browser.Tests;

/// <summary>The hands of a builder, which count what they do: clicks, characters and keys, pages gone to, and how often an answer threw the page
/// about.</summary>
public sealed class Hands(Eyes eyes)
{
    // Less than this nobody sees.
    private const long Unseen = 12;

    public int Clicks { get; private set; }

    public int Keys { get; private set; }

    public int Pages { get; private set; }

    /// <summary>What was clicked when the page jumped, and by how many pixels.</summary>
    public List<string> Jumps { get; } = [];

    /// <summary>Clicks, waits for what follows, and sees whether the page was moved under the hand.</summary>
    public void Click(string selector)
    {
        eyes.See(selector);
        eyes.Run<object?>("document.querySelector(arguments[0]).scrollIntoView({ block: 'center' })", selector);
        // What is seen is what counts: the place of what one works at, on the screen; where that is gone, of the page.
        var near = eyes.Run<string>("return document.querySelector(arguments[0]).closest('[id]:not(#bench)')?.id ?? ''", selector);
        var (page, before) = (Page, (Top: Top(near), Scroll));
        eyes.Click(selector);
        Clicks++;
        eyes.Settle();
        if (Page != page)
        {
            Pages++;
            return;
        }

        // A page that has become shorter than where one stood cannot stay there: by so much, and no more, it has to move.
        var hasTo = before.Scroll - Math.Min(before.Scroll, Deepest);
        var by = Top(near) is { } now && before.Top is { } was ? now - was - hasTo : Scroll - before.Scroll + hasTo;
        if (Math.Abs(by) > Unseen) Jumps.Add($"{selector}: {by}, {near} from {before.Top}, the page from {before.Scroll} to {Scroll} of {Deepest}");
    }

    /// <summary>Types where the focus is.</summary>
    public void Type(string text)
    {
        eyes.Press(text);
        Keys += text.Length;
    }

    /// <summary>Chooses in a list: a click opens it, another takes the line.</summary>
    public void Choose(string selector, string words)
    {
        eyes.Choose(selector, words);
        Clicks += 2;
        eyes.Settle();
    }

    /// <summary>Keys held together.</summary>
    public void Press(string held, string key)
    {
        eyes.PressWith(held, key);
        Keys += held.Length + 1;
        eyes.Settle();
    }

    private string Page => eyes.Path.Split('?')[0];

    private long? Top(string id)
        => (long?)eyes.Run<object?>(
            "const near = document.getElementById(arguments[0]); return near && Math.round(near.getBoundingClientRect().top)", id);

    private long Scroll => eyes.Run<long>("return Math.round(scrollY)");

    private long Deepest => eyes.Run<long>("return Math.max(0, document.documentElement.scrollHeight - innerHeight)");
}
