using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How what lies between two contacts of a part is written.</summary>
internal static class LinkFormat
{
    private static readonly Codec<Ohms> Resistance = Quantity<Ohms>(0.001, 1e9);
    private static readonly Codec<Volts> Rating = Quantity<Volts>(0.01, 1000);
    private static readonly Codec<Amps> Current = Quantity<Amps>(1e-6, 1000);
    private static readonly Codec<Watts> Power = Quantity<Watts>(0.001, 10_000);
    private static readonly NumberCodec Share = new(0.01, 1);
    private static readonly NumberCodec Time = new(0.001, 3600);

    public static readonly Codec<InnerEnd> End = new MappedCodec<string, InnerEnd>(
        new TextCodec(46), text => InnerEnd.Parse(text), value => value.ToString(), "a contact of this part, written port/position");

    public static readonly ObjectCodec<PartLink> Link = Describe();

    /// <summary>What must hold between the links of a part, what was read of them, and its contacts.</summary>
    public static void Check(Part part, ReadContext context)
    {
        foreach (var (index, link) in part.Links.Index())
        {
            CheckEnd(part, context, $".links[{index}].one", link.One);
            CheckEnd(part, context, $".links[{index}].other", link.Other);
            if (link.One == link.Other) context.Fail($".links[{index}].other", "the contact it starts from", "another contact");
            if (link.Kind == LinkKind.Relay && !part.Links.Any(coil => coil.Kind == LinkKind.Coil && coil.Name == link.Name && link.Name is not null))
                context.Fail($".links[{index}].name", link.Name is { } name ? ReadContext.Quote(name) : "nothing", "the name of a coil of this part");
            if (!link.Kind.Moves() && (link.IsClosedAtRest || link.Overlaps))
                context.Fail($".links[{index}].kind", ChoiceCodec<LinkKind>.Word(link.Kind), "a contact that moves, as it is said to be closed at rest");
        }

        foreach (var (index, test) in part.Tests.Index())
        {
            CheckEnd(part, context, $".tests[{index}].one", test.One);
            CheckEnd(part, context, $".tests[{index}].other", test.Other);
            if (test.One == test.Other) context.Fail($".tests[{index}].other", "the contact it starts from", "another contact");
        }
    }

    private static ObjectCodec<PartLink> Describe()
    {
        var link = new ObjectCodec<PartLink>("link", "Two contacts with what lies between them inside the part.", isInline: true);
        var one = link.Required("one", End, value => value.One, "A contact; the plus side, where there is one.");
        var other = link.Required("other", End, value => value.Other, "The other.");
        var kind = link.Usual("kind", new ChoiceCodec<LinkKind>(), value => value.Kind, LinkKind.Wire, "What lies between them.");
        var name = link.Optional("name", new TextCodec(20), value => value.Name, "What it is called; contacts of one name move together, or with its coil.");
        var closed = link.Usual("closedAtRest", new FlagCodec(), value => value.IsClosedAtRest, false, "Whether a contact opens when it is moved.");
        var overlaps = link.Usual("overlaps", new FlagCodec(), value => value.Overlaps, false, "Whether it closes before others of its name open.");
        var ohms = link.Optional("ohms", Resistance, value => value.Figures.Resistance, "Of a resistor, a coil, or the resistor of a light.");
        var volts = link.Optional("volts", Rating, value => value.Figures.Volts,
            "What a light, lamp or coil is made for, a winding or step gives, a diode loses, or a contact or fuse bears.");
        var amps = link.Optional("amps", Current, value => value.Figures.Amps, "What a fuse, diode or contact bears, a step gives at most, or a lamp or coil takes.");
        var watts = link.Optional("watts", Power, value => value.Figures.Power, "What a resistor bears.");
        var efficiency = link.Optional("efficiency", Share, value => value.Figures.Efficiency, "The share of what a step takes that it gives.");
        var seconds = link.Optional("seconds", Time, value => value.Figures.Seconds, "How much later the far side of a delay follows.");
        var diode = link.Usual("diode", new FlagCodec(), value => value.Figures.HasDiode, false, "Whether a coil has a diode across it.");
        var isolated = link.Optional(
            "isolated", new FlagCodec(), value => value.Figures.IsIsolated, "Whether a winding is joined to nothing else; left out while that is not proven.");
        return link.Makes(values => new PartLink(values.Of(one), values.Of(other), values.Of(kind))
        {
            Name = values.Of(name),
            IsClosedAtRest = values.Of(closed),
            Overlaps = values.Of(overlaps),
            Figures = new LinkFigures
            {
                Resistance = values.Of(ohms),
                Volts = values.Of(volts),
                Amps = values.Of(amps),
                Power = values.Of(watts),
                Efficiency = values.Of(efficiency),
                Seconds = values.Of(seconds),
                HasDiode = values.Of(diode),
                IsIsolated = values.Of(isolated),
            },
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static void CheckEnd(Part part, ReadContext context, string path, InnerEnd end)
    {
        if (part.Ports.FirstOrDefault(port => port.Id == end.Port) is not { } port || end.Position > port.PositionCount)
            context.Fail(path, ReadContext.Quote(end.ToString()), "a contact of this part, written port/position");
    }
}
