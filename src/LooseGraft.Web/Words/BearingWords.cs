using LooseGraft.Core.Facts;

namespace LooseGraft.Web.Words;

/// <summary>What a kind of connector usually bears, in words.</summary>
internal static class BearingWords
{
    public static string UsuallyBears(this ConnectorType type)
    {
        var port = type.Port;
        var words = new[]
        {
            type.ContactAmps is { } contact ? $"{contact:0.##} A a contact" : null,
            port?.Amps is { } amps ? $"{amps:0.##} A a rail" : null,
            port?.RailAmps is { } rails ? string.Join(", ", rails.Select(rail => $"{rail.Value:0.##} A at {rail.Key}")) : null,
            port?.GivenAmps is { } given ? $"{given:0.##} A given on by a board" : null,
            port?.Watts is { } watts ? $"{watts:0} W in all{(port.WattsAtBest is { } best ? $", {best:0} at best" : "")}" : null,
        }.OfType<string>().ToArray();
        return words.Length == 0 ? "nothing is laid down" : string.Join(", ", words);
    }
}
