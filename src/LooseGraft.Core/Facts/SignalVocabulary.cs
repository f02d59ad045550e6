namespace LooseGraft.Core.Facts;

/// <summary>The signals the product knows by name, with what they mean and who usually drives them.</summary>
public sealed class SignalVocabulary
{
    private readonly Dictionary<string, SignalEntry> _byName = [];

    private SignalVocabulary(IReadOnlyList<SignalEntry> entries)
    {
        Entries = entries;
        foreach (var entry in entries)
        {
            _byName.Add(entry.Name, entry);
            foreach (var alias in entry.Aliases) _byName.Add(alias, entry);
        }
    }

    /// <summary>The vocabulary that ships with the product.</summary>
    public static SignalVocabulary Standard { get; } = new(FactFile.Load<IReadOnlyList<SignalEntry>>("signals.json"));

    /// <summary>All entries in the order a reader would look for them.</summary>
    public IReadOnlyList<SignalEntry> Entries { get; }

    /// <summary>The entry of that name or alias, in lower case; null when there is none.</summary>
    public SignalEntry? Find(string name) => _byName.GetValueOrDefault(name);
}
