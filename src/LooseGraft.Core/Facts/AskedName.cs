namespace LooseGraft.Core.Facts;

/// <summary>A name that people print for more than one thing: whoever types it is asked which.</summary>
/// <param name="Names">The spellings.</param>
/// <param name="Why">Why it must be asked, as the rest of a sentence that begins with the name.</param>
/// <param name="Choices">What it may mean, likeliest first.</param>
public sealed record AskedName(IReadOnlyList<string> Names, string Why, IReadOnlyList<AskedName.Choice> Choices)
{
    /// <summary>All of them (common printing on boards and in strangers' diagrams).</summary>
    public static IReadOnlyList<AskedName> All { get; } = FactFile.Load<IReadOnlyList<AskedName>>("asked-names.json");

    /// <summary>The connectors on which it is asked; empty for every one.</summary>
    public IReadOnlyList<PortSort> Only { get => field ?? []; init; }

    /// <summary>One meaning.</summary>
    /// <param name="Signal">The signal.</param>
    /// <param name="On">The connectors on which that may be meant; empty for every one.</param>
    public sealed record Choice(string Signal, IReadOnlyList<PortSort>? On = null);

    /// <summary>What it may mean on a connector; where nothing is usual there, everything that it may mean anywhere.</summary>
    public IEnumerable<string> ChoicesOn(PortSort sort)
    {
        var usual = Choices.Where(choice => choice.On is not { Count: > 0 } on || on.Contains(sort)).ToArray();
        return (usual.Length > 0 ? usual : [.. Choices]).Select(choice => choice.Signal);
    }
}
