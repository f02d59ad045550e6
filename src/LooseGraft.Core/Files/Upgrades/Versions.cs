using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>The steps from the first version of the documents to today's, one after the other.</summary>
internal static class Versions
{
    private static readonly UpgradeStep[] Steps = [FromVersion1.Step, FromVersion2.Step];

    /// <summary>The document in today's version; as it is where it is of that version, or of none.</summary>
    /// <param name="document">The document; disposed of where another takes its place.</param>
    /// <param name="options">How it was read.</param>
    public static JsonDocument Newest(JsonDocument document, JsonDocumentOptions options)
    {
        foreach (var step in Steps)
        {
            if (step.Upgrade(document.RootElement) is not { } next) continue;
            document.Dispose();
            document = JsonDocument.Parse(next, options);
        }

        return document;
    }
}
