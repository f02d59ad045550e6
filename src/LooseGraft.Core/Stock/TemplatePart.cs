using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock.Lines;

namespace LooseGraft.Core.Stock;

/// <summary>Puts a part of a usual sort into a graft, with what it gives and what it takes.</summary>
public static class TemplatePart
{
    /// <summary>Adds the part; a supply also with its rails; a part that takes power also with its draws.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="template">The sort of part.</param>
    /// <param name="name">What the builder calls it. The second of a sort that has no name of its own is numbered.</param>
    /// <param name="origin">Where it comes from.</param>
    /// <param name="cost">What it cost or will cost.</param>
    public static Graft Add(Graft graft, PartTemplate template, string name, PartOrigin origin, Money? cost)
    {
        if (name == template.Name) name = FreeName.Of(name, graft.Parts.Select(part => part.Name).ToHashSet().Contains);
        var id = GraftEdits.FreshId(name, graft.Parts.Select(part => part.Id));
        var with = graft with { Parts = graft.Parts.Add(MakePart(template, id, name) with { Origin = origin, Cost = cost }) };
        if (MakeSupply(template, GraftEdits.FreshId(id, graft.Supplies.Select(supply => supply.Id)), id) is { } made)
            with = with with { Supplies = with.Supplies.Add(made) };
        return MakeLoad(template, graft, id) is { } load ? with with { Loads = with.Loads.Add(load) } : with;
    }

    /// <summary>The part itself.</summary>
    public static Part MakePart(PartTemplate template, string id, string name)
    {
        var ports = ImmutableArray.CreateBuilder<Port>();
        foreach (var port in template.Ports ?? []) ports.Add(MakePort(template, port, ports.Select(other => other.Id)));
        var made = ports.DrainToImmutable();
        return new Part(id, name, template.Kind)
        {
            Ports = new(made),
            Links = MakeLinks(template, made),
            Holes = MakeHoles(template),
            Body = MakeBody(template),
        };
    }

    /// <summary>Its mounting holes.</summary>
    public static ValueList<MountHole> MakeHoles(PartTemplate template)
        => [.. (template.HolesMm ?? []).Select(hole => new MountHole(hole[0], hole[1], new Millimetres(template.HoleMm)))];

    /// <summary>Its shape; null when the sort has none.</summary>
    public static PartBody? MakeBody(PartTemplate template)
        => template.SizeMm is not [var width, var depth] ? null : new PartBody([.. new PlanRectangle(0, 0, width, depth).Corners], template.Evidence);

    private static ValueList<PartLink> MakeLinks(PartTemplate template, ImmutableArray<Port> ports)
    {
        if (template.Wires is not { } text) return [];
        var mistakes = new Mistakes();
        var wires = WireList.Read(new Piece(text, 1, 1), [.. ports.Select(port => (port.Name, port.PositionCount))], mistakes);
        return mistakes.Count == 0 ? WrittenWire.Links(ports, wires)
            : throw new InvalidOperationException($"The wires of a part template cannot be read: {template.Id}: {mistakes.All[0].Words}");
    }

    private static Port MakePort(PartTemplate part, PortTemplate template, IEnumerable<string> taken)
    {
        var type = ConnectorTypes.Find(template.Connector)
            ?? throw new InvalidOperationException($"A part template names an unknown connector: {template.Connector}");
        var port = new Port(GraftEdits.FreshId(template.Name, taken), template.Name, type, template.Gender)
        {
            OwnColumns = template.Columns,
            LeadLength = template.LeadMm is { } length ? new Millimetres(length) : null,
        };
        return template.Signals is { } signals
            ? port with
            {
                Pins = [.. signals.Select((text, index) => part.Kind is PartKind.Lead or PartKind.Adapter && text == UsualAt(type, port, index)
                ? Pin.UsualFor(type).ElementAt(index) : MakePin(index + 1, text, part.Evidence))]
            }
            : port.PositionCount == type.Pinout.Count ? port with { Pins = [.. Pin.UsualFor(type)] } : port;
    }

    // A usual go-between for a standard connector differs from it in what it leaves out, and in nothing else.
    private static string? UsualAt(ConnectorType type, Port port, int index) => port.PositionCount == type.Pinout.Count ? type.Pinout[index] : null;

    // That a contact is missing is seen.
    private static Pin MakePin(int position, string text, Evidence evidence) => text == "absent"
        ? new Pin(position) { Contact = ContactState.Absent, Signal = new Known<Signal>(Signal.None, evidence) }
        : new Pin(position) { Signal = new Known<Signal>(Read(text), evidence) };

    /// <summary>What it gives, for a part that gives power; null for any other.</summary>
    public static Supply? MakeSupply(PartTemplate template, string id, string part)
        => template.Rails is not { Count: > 0 } rails ? null : new Supply(id, part)
        {
            Rails = [.. rails.Select(rail => new Rail(Read(rail.Output), new Known<Amps>(new Amps(rail.Amps), template.Evidence, template.Source)))],
            Combined = [.. (template.Combined ?? []).Select(shared =>
                new CombinedLimit([.. shared.Rails], new Known<Watts>(new Watts(shared.Watts), template.Evidence, template.Source)))],
            Total = template.TotalWatts is { } watts ? new TotalLimit(new Known<Watts>(new Watts(watts), template.Evidence, template.Source)) : null,
            Leads = MakeLeads(MakePart(template, part, part)),
        };

    // Plugs of one kind hang on one lead, one after another; its length is that to the last.
    private static ValueList<SupplyLead> MakeLeads(Part part)
        => [.. from port in part.Ports
               where port.LeadLength is not null
               group port by port.Type into same
               let last = same.MaxBy(port => port.LeadLength!.Value)!
               let name = same.First().Name.TrimEnd(' ', '1').Replace("plug", "lead", StringComparison.Ordinal)
               select new SupplyLead(GraftEdits.FreshId(name, []), name)
               {
                   Length = last.LeadLength,
                   Plugs = [.. same.OrderBy(port => port.LeadLength!.Value).Select(port => new SupplyPlug(port.Id, port.Type) { Port = port.Id })],
               }];

    /// <summary>What such a part takes.</summary>
    public static ValueList<Draw> Draws(PartTemplate template)
        => [.. (template.Draws ?? []).Select(draw => new Draw(draw.Rail, Spread(draw.Idle), Spread(draw.Typical), Spread(draw.Peak), template.Evidence)
        {
            Start = draw.Start is { } start ? Spread(start) : null,
            Spike = draw.Spike is { } spike ? Spread(spike) : null,
            Note = template.Source,
        })];

    private static Load? MakeLoad(PartTemplate template, Graft graft, string part)
        => template.Draws is not { Count: > 0 } ? null
            : new Load(GraftEdits.FreshId(part, graft.Loads.Select(load => load.Id)), part) { Draws = Draws(template) };

    private static Spread<Amps> Spread(IReadOnlyList<double> figures) => new(new Amps(figures[0]), new Amps(figures[1]), new Amps(figures[2]));

    private static Signal Read(string text) => Signal.Parse(text) ?? throw new InvalidOperationException($"A part template names an impossible signal: {text}");
}
