using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Where a load hangs: on a plug of its supply, on a port of another part, or, with neither, on the supply itself.</summary>
/// <param name="Plug">The plug, written string/plug.</param>
/// <param name="Port">The port that feeds it on.</param>
public readonly record struct LoadPlace(string? Plug, PortId? Port)
{
    private const char Between = '|';

    /// <summary>Reads what <see cref="ToString"/> writes; anything else is the supply itself.</summary>
    public static LoadPlace Parse(string text) => text.Split(Between) switch
    {
        ["plug", var plug] => new LoadPlace(plug, null),
        ["port", var port] => new LoadPlace(null, PortId.Parse(port)),
        _ => default,
    };

    /// <summary>Where a load may hang beside the supply itself: on its plugs, or on ports of boards that carry a rail it takes; each with its name.</summary>
    public static IEnumerable<(LoadPlace Place, string Name)> For(Graft graft, Supply supply, Load load)
        => (from lead in supply.Leads from plug in lead.Plugs select (new LoadPlace($"{lead.Id}/{plug.Id}", null), $"{plug.Id} of {lead.Name}"))
            .Concat(from part in graft.Parts
                    where part.Kind == PartKind.Board && part.Id != load.Part
                    from port in part.Ports
                    where port.AllPins().Any(pin => load.Draws.Any(draw => draw.Rail == pin.Signal.Value.Name))
                    select (new LoadPlace(null, new PortId(part.Id, port.Id)), $"{port.Name} of {part.Name}"));

    /// <summary>For example <c>plug|drives/first</c> or <c>port|kt31/fan</c>; empty for the supply itself.</summary>
    public override string ToString() => Plug is not null ? $"plug{Between}{Plug}" : Port is { } port ? $"port{Between}{port}" : "";
}
