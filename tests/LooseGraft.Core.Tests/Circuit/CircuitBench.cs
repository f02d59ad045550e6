using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>Small circuits written in a line: <c>supply p: +12 V,ground</c> is a part with one port.</summary>
internal static class CircuitBench
{
    /// <summary>A part with one port of loose ends. A pin is a signal, with <c>&lt;</c> before it if the part takes it, <c>&gt;</c> if it gives it and <c>=</c>
    /// if it only conducts it, and <c>@5</c> behind it for its level.</summary>
    public static Part Part(PartKind kind, string id, string pins, params PartLink[] links) => new(id, id, kind)
    {
        Ports = [Port("p", pins)],
        Links = [.. links],
    };

    public static Port Port(string id, string pins)
    {
        var texts = pins.Split(',');
        return new Port(id, id, ConnectorTypes.Find("loose-ends")!, Gender.Female)
        {
            OwnRows = 1,
            OwnColumns = texts.Length,
            Pins = [.. texts.Select((text, index) => Pin(index + 1, text))],
        };
    }

    public static PartLink Link(int one, int other, LinkKind kind = LinkKind.Wire) => new(new InnerEnd("p", one), new InnerEnd("p", other), kind);

    public static PartLink Link(string one, string other, LinkKind kind = LinkKind.Wire) => new(InnerEnd.Parse(one)!.Value, InnerEnd.Parse(other)!.Value, kind);

    /// <summary>Something with figures between two contacts of the one port.</summary>
    public static PartLink Link(int one, int other, LinkKind kind, string figures, string? name = null, bool isClosedAtRest = false)
        => Link(one, other, kind) with { Figures = LinkFiguresText.TryRead(figures)!, Name = name, IsClosedAtRest = isClosedAtRest };

    /// <summary>A joint by wires, written <c>supply/1-fan/2</c>; a port other than <c>p</c> is written <c>adapter.far/2</c>.</summary>
    public static Netlist Wired(ImmutableArray<Part> parts, params string[] wires) => Joined(parts, JointMethod.Rebuild, [], wires);

    public static Netlist Joined(ImmutableArray<Part> parts, JointMethod method, ValueList<LeadTie> ties, params string[] wires)
    {
        var joints = Ends(wires).Select((same, index) =>
            new MadeJoint(new Joint($"j{index + 1}", same.Key.From, same.Key.To, method) { Ties = index == 0 ? ties : [] }, [.. same]));
        return Netlist.Of(Graft.Empty("test") with { Parts = [.. parts] }, joints);
    }

    private static IEnumerable<IGrouping<(PortId From, PortId To), Conductor>> Ends(IEnumerable<string> wires)
        => wires.Select(wire => wire.Split('-').Select(End).ToArray())
            .GroupBy(ends => (ends[0].Port, ends[1].Port), ends => new Conductor(ends[0].Position, ends[1].Position));

    /// <summary>A whole graft of parts that are wired.</summary>
    public static Graft Assembled(ImmutableArray<Part> parts, params string[] wires) => Graft.Empty("test") with
    {
        Parts = [.. parts],
        Joints = [.. Ends(wires).Select((same, index) => new Joint($"j{index + 1}", same.Key.From, same.Key.To, JointMethod.Rebuild) { Wires = [.. same] })],
    };

    public static ImmutableArray<Conflict> Judge(ImmutableArray<Part> parts, params string[] wires) => CircuitJudge.Judge(Wired(parts, wires)).Conflicts;

    public static string Words(IEnumerable<Conflict> conflicts)
        => string.Join("; ", conflicts.Select(conflict => $"{conflict.Kind} {conflict.Severity} {Words(conflict.Giver)} > {Words(conflict.Taker)}"));

    public static IEnumerable<Conflict> Hard(this IEnumerable<Conflict> conflicts) => conflicts.Where(conflict => conflict.Severity >= Severity.Fix);

    private static string Words(CircuitContact contact) => $"{contact.Part.Id}/{contact.Pin.Position}";

    private static ContactId End(string text)
    {
        var (name, position) = (text.Split('/')[0], int.Parse(text.Split('/')[1], CultureInfo.InvariantCulture));
        return new ContactId(new PortId(name.Split('.')[0], name.Contains('.', StringComparison.Ordinal) ? name.Split('.')[1] : "p"), position);
    }

    public static Pin Pin(int position, string text)
    {
        var halves = text.TrimStart('<', '>', '=').Split('@');
        return halves[0] switch
        {
            "unwired" => new Pin(position) { Contact = ContactState.Unwired },
            var signal => Bench.Pin(position, signal) with
            {
                Direction = text[0] switch
                {
                    '<' => SignalDirection.In,
                    '>' => SignalDirection.Out,
                    '=' => SignalDirection.Passive,
                    _ => SignalDirection.Unstated
                },
                Level = halves.Length > 1 ? new Volts(double.Parse(halves[1], CultureInfo.InvariantCulture)) : null,
            },
        };
    }
}
