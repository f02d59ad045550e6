namespace LooseGraft.Browser.Tests;

/// <summary>A window of each width, opened once.</summary>
public sealed class Windows : IDisposable
{
    private readonly Dictionary<int, Eyes> _open = [];

    public Eyes Of(Uri address, int width)
    {
        if (!_open.TryGetValue(width, out var eyes)) _open[width] = eyes = new Eyes(address, width, height: 844);
        // What an earlier page complained of is that page's.
        eyes.Complaints();
        return eyes;
    }

    public void Dispose()
    {
        foreach (var eyes in _open.Values) eyes.Dispose();
    }
}
