using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Where a load is meant to hang as long as no joint says so.</summary>
/// <param name="Way">The way; null for nowhere in particular.</param>
public readonly record struct LoadPlace(MeantWay? Way)
{
    private const char Between = '|';

    /// <summary>Reads what <see cref="ToString"/> writes; anything else is nowhere in particular.</summary>
    public static LoadPlace Parse(string text) => text.Split(Between) switch
    {
        ["supply", var supply] => new LoadPlace(new MeantWay(supply)),
        ["rail", var supply, var rail] => new LoadPlace(new MeantWay(supply) { Rail = rail }),
        ["plug", var supply, var plug] => new LoadPlace(new MeantWay(supply) { Plug = plug }),
        ["port", var supply, var port] => new LoadPlace(new MeantWay(supply) { Through = PortId.Parse(port) }),
        _ => default,
    };

    /// <summary>The way, if all that it names is there; otherwise null.</summary>
    public static MeantWay? Kept(Graft graft, MeantWay? meant)
        => meant is { } way && graft.Supplies.FirstOrDefault(supply => supply.Id == way.Supply) is { } supply
            && (way.Plug is null || supply.FindPlug(way.Plug) is not null)
            && (way.Rail is null || supply.Rails.Any(rail => rail.Name == way.Rail))
            && (way.Through is not { } port || graft.FindPort(port) is not null)
                ? way : null;

    /// <summary>Where a load may be meant to hang: on the supply itself, on its plugs, or on ports of boards that carry a rail it takes; each with its
    /// name.</summary>
    public static IEnumerable<(LoadPlace Place, string Name)> For(Graft graft, Supply supply, Load load)
        => (from lead in supply.Leads
            from plug in lead.Plugs
            select (new LoadPlace(new MeantWay(supply.Id) { Plug = $"{lead.Id}/{plug.Id}" }), graft.NameOfPlug(supply, lead, plug)))
            .Concat(from part in graft.Parts
                    where part.Kind == PartKind.Board && part.Id != load.Part
                    from port in part.Ports
                    where port.AllPins().Any(pin => load.Draws.Any(draw => draw.Rail == pin.Signal.Value.Name))
                    select (new LoadPlace(new MeantWay(supply.Id) { Through = new PortId(part.Id, port.Id) }), $"{port.Name} of {part.Name}"))
            .Prepend((new LoadPlace(new MeantWay(supply.Id)), $"{graft.NameOf(supply.Part)} itself"))
            .Concat(from rail in supply.Rails
                    where supply.Rails.Any(other => other != rail && other.Output == rail.Output)
                    select (new LoadPlace(new MeantWay(supply.Id) { Rail = rail.Name }), $"{rail.Name} of {graft.NameOf(supply.Part)} itself"));

    /// <summary>For example <c>plug|supply|drives/first</c> or <c>port|supply|kt31/fan</c>; empty for nowhere in particular.</summary>
    public override string ToString() => Way switch
    {
        { Plug: { } plug } => $"plug{Between}{Way.Supply}{Between}{plug}",
        { Rail: { } rail } => $"rail{Between}{Way.Supply}{Between}{rail}",
        { Through: { } port } => $"port{Between}{Way.Supply}{Between}{port}",
        { } way => $"supply{Between}{way.Supply}",
        null => "",
    };
}
