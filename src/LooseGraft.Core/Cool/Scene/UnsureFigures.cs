namespace LooseGraft.Core.Cool.Scene;

/// <summary>Every unsure figure of a scene. What uses one names its index.</summary>
internal sealed class UnsureFigures
{
    private readonly List<Unsure> _figures = [];
    private readonly Dictionary<string, int> _groups = [];

    /// <summary>How many figures.</summary>
    public int Count => _figures.Count;

    /// <summary>The groups' names, in the order of their indices.</summary>
    public IEnumerable<string> Groups => _groups.OrderBy(pair => pair.Value).Select(pair => pair.Key);

    /// <summary>A figure.</summary>
    public Unsure this[int index] => _figures[index];

    /// <summary>Adds a figure to the group of that name.</summary>
    /// <returns>Its index.</returns>
    public int Add(string group, double low, double likely, double high)
    {
        if (!_groups.TryGetValue(group, out var index)) _groups[group] = index = _groups.Count;
        _figures.Add(new Unsure(index, low, likely, high));
        return _figures.Count - 1;
    }

    /// <summary>Adds a figure of what a factor was fitted to where one was: its range is in the factor's then, and it stays at what is likely.</summary>
    public int Add(string group, double low, double likely, double high, bool isFitted)
        => isFitted ? Add(group, likely, likely, likely) : Add(group, low, likely, high);

    /// <summary>The likely figures.</summary>
    public double[] Likely() => [.. _figures.Select(figure => figure.Likely)];
}
