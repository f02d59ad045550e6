using System.Text.Json;
using System.Text.Json.Serialization;

namespace LooseGraft.Core.Facts;

/// <summary>Reads the reference figures that ship inside the assembly.</summary>
internal static class FactFile
{
    private static readonly JsonSerializerOptions Options = new()
    {
        PropertyNamingPolicy = JsonNamingPolicy.CamelCase,
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        RespectRequiredConstructorParameters = true,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower) },
    };

    public static T Load<T>(string name)
    {
        using var stream = typeof(FactFile).Assembly.GetManifestResourceStream("Facts/" + name)
            ?? throw new InvalidOperationException($"The fact file {name} is not in the assembly.");
        return JsonSerializer.Deserialize<T>(stream, Options)
            ?? throw new InvalidOperationException($"The fact file {name} is empty.");
    }
}
