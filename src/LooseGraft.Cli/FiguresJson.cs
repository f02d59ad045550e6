using System.Text.Json;
using System.Text.Json.Nodes;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Cli;

/// <summary>Figures as a program reads them: each with its unit in its name, to a millionth.</summary>
internal static class FiguresJson
{
    /// <summary>Those of a finding, after the kind of thing it found.</summary>
    public static JsonObject Of(FindingCase found, JsonSerializerOptions options)
        => Written(new JsonObject { ["kind"] = JsonNamingPolicy.KebabCaseLower.ConvertName(found.GetType().Name) }, found, options);

    /// <summary>Those of a stage.</summary>
    public static JsonObject Of(Figures figures, JsonSerializerOptions options) => Written([], figures, options);

    private static JsonObject Written(JsonObject written, Figures figures, JsonSerializerOptions options)
    {
        foreach (var figure in figures.GetType().GetProperties().Where(property => property.Name != "EqualityContract"))
        {
            var (unit, value) = Plain(figure.PropertyType, figure.GetValue(figures));
            written[JsonNamingPolicy.CamelCase.ConvertName(figure.Name + unit)] = JsonSerializer.SerializeToNode(value, options);
        }

        return written;
    }

    private static (string Unit, object? Value) Plain(Type type, object? value)
    {
        var kind = Nullable.GetUnderlyingType(type) ?? type;
        return kind.GetProperty("Value") is { } amount
            && kind.GetInterfaces().Any(one => one.IsGenericType && one.GetGenericTypeDefinition() == typeof(IQuantity<>))
            ? (kind.Name, value is null ? null : Math.Round((double)amount.GetValue(value)!, 6))
            : ("", value switch
            {
                Money money => money.Amount,
                Signal signal => signal.Name,
                PortId port => port.ToString(),
                _ => value,
            });
    }
}
