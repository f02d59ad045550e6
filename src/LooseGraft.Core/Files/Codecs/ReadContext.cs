using System.Text;
using System.Text.Json;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>Where a reader stands in the document, and what it has found wrong so far. The path is only spelled out when something is wrong.</summary>
internal sealed class ReadContext
{
    private const int FoundLength = 60;
    private readonly List<object> _steps = [];

    public List<FileError> Errors { get; } = [];

    public List<string> Notes { get; } = [];

    public bool IsFull => Errors.Count >= GraftFileLimits.ErrorsReported;

    public void Enter(string member) => _steps.Add(member);

    public void Enter(int index) => _steps.Add(index);

    public void Leave() => _steps.RemoveAt(_steps.Count - 1);

    public bool Fail(JsonElement found, string allowed) => Fail("", Show(found), allowed);

    /// <summary>Reports something wrong at a place below the present one.</summary>
    /// <returns>Always false, so that a reader can return it.</returns>
    public bool Fail(string below, string found, string allowed)
    {
        if (!IsFull) Errors.Add(new FileError(Path(below), found, allowed));
        return false;
    }

    public void Note(string member)
    {
        if (Notes.Count < GraftFileLimits.ErrorsReported) Notes.Add($"{Path("." + member)} is not known to this version; it is kept as it stands.");
    }

    public static string Quote(string text) => $"\"{(text.Length <= FoundLength ? text : text[..FoundLength] + "…")}\"";

    private static string Show(JsonElement element) => element.ValueKind switch
    {
        JsonValueKind.Object => "an object",
        JsonValueKind.Array => $"a list of {element.GetArrayLength()}",
        JsonValueKind.String => TextCodec.TryGetString(element, out var text) ? Quote(text) : "a broken character",
        _ when element.GetRawText() is { Length: > FoundLength } raw => raw[..FoundLength] + "…",
        _ => element.GetRawText(),
    };

    private string Path(string below)
    {
        var path = new StringBuilder("$");
        foreach (var step in _steps)
            _ = step is int index ? path.Append('[').Append(index).Append(']') : path.Append('.').Append(step);
        return path.Append(below).ToString();
    }
}
