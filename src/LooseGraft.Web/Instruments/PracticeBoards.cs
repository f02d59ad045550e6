using System.Collections.Concurrent;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;

namespace LooseGraft.Web.Instruments;

/// <summary>The practice boards that ship with the product: graft files in which every contact carries what it really carries.</summary>
public sealed class PracticeBoards(string folder)
{
    private readonly ConcurrentDictionary<string, Graft?> _truths = new();

    /// <summary>The hidden truth of that name; null when there is none. Names come from graft files and hold only small letters, digits and hyphens.</summary>
    public Graft? Find(string? name)
        => name is null || !name.All(letter => char.IsAsciiLetterLower(letter) || char.IsAsciiDigit(letter) || letter == '-')
            ? null
            : _truths.GetOrAdd(name, Load);

    private Graft? Load(string name)
    {
        var file = Path.Combine(folder, name + ".json");
        if (!File.Exists(file)) return null;
        var result = GraftFile.Read(File.ReadAllBytes(file));
        return result.Graft ?? throw new InvalidDataException($"{name}: {result.Errors[0]}");
    }
}
