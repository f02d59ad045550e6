using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Lines;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Puts in, or changes, what lines describe. A part and a donor are known by their names, a connector by its name in the part; nothing is taken
/// out.</summary>
/// <param name="Parts">The parts.</param>
/// <param name="Donors">Names of donors, which are there afterwards.</param>
public sealed record DescribeInLines(ValueList<WrittenPart> Parts, ValueList<string> Donors) : GraftEdit
{
    /// <summary>Of parts alone.</summary>
    public DescribeInLines(ValueList<WrittenPart> parts)
        : this(parts, [])
    {
    }

    private const int MostNamed = 3;

    public override Graft Apply(Graft graft)
    {
        var donors = Donors.Aggregate(graft, (with, name) => Find(with, name) is null ? AddDonor.To(with, new Machine(name)).Graft : with);
        return Parts.Aggregate(Parts.Aggregate(donors, Describe), Place);
    }

    public override string Words(Graft graft)
    {
        string[] all = [.. Donors.Select(donor => $"donor {donor}"), .. Parts.Select(part => part.Count > 1 ? $"{part.Count} {part.Name}" : part.Name)];
        return $"In lines: {string.Join(", ", all.Take(MostNamed))}{(all.Length > MostNamed ? $" and {all.Length - MostNamed} more" : "")}";
    }

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");

    /// <summary>What it would make of a graft: <c>new</c>, <c>3 new</c>, <c>changed</c>, or <c>as it stands</c>.</summary>
    public string Effect(Graft graft)
    {
        var added = Apply(graft).Parts.Length - graft.Parts.Length;
        return added > 1 ? $"{added} new" : added == 1 ? "new" : Apply(graft) == graft ? "as it stands" : "changed";
    }

    private static Graft Describe(Graft graft, WrittenPart written)
    {
        if (Called(graft, written.Name) is { } standing) return Change(graft, standing.Id, written);
        for (var number = 0; number < written.Count; number++)
        {
            var known = graft.Parts.Length;
            graft = (written.Like is { } like
                ? (GraftEdit)new AddUsualPart(like, Numbered(graft, written.Name), written.Origin ?? PartOrigin.Donor, written.Cost)
                : new AddPart(Numbered(graft, written.Name), written.Kind, written.Origin ?? PartOrigin.Donor, written.Cost)).Apply(graft);
            var added = graft.Parts[known].Id;
            if (written.Origin is null) graft = graft.WithPart(added, part => part.From(null, null));
            // Who says how it is wired has another than the usual one.
            if (!written.Wires.IsEmpty) graft = graft.WithPart(added, part => part with { Links = [] });
            graft = Change(graft, added, written);
        }

        return graft;
    }

    // Last, since the part that is set aside may be written below the one in its place.
    private static Graft Place(Graft graft, WrittenPart written)
        => Called(graft, written.InPlaceOf) is { } aside && Called(graft, written.Name) is { } standing
            ? graft.WithPart(standing.Id, part => part with { InPlaceOf = aside.Id }) : graft;

    private static Part? Called(Graft graft, string? name) => name is null ? null : graft.Parts.FirstOrDefault(part => PartLine.IsCalled(part, name));

    private static string Numbered(Graft graft, string name) => FreeName.Of(name, called => graft.Parts.Any(part => PartLine.IsCalled(part, called)));

    private static Graft Change(Graft graft, string id, WrittenPart written)
    {
        graft = graft.WithPart(id, part => From(graft, part, written) with
        {
            Kind = written.Kind,
            Cost = written.Cost is { } cost && cost != part.Cost ? cost : part.Cost,
            Note = written.Note ?? part.Note,
            BoardRevision = written.Revision is { } revision && revision != part.BoardRevision?.Value
                ? new Known<string>(revision, Evidence.Label) : part.BoardRevision,
        });
        graft = written.Ports.Aggregate(graft, (edited, port) => Change(edited, id, port));
        return graft.WithPart(id, part => WireNames.Carried(part with
        {
            Links = [.. part.Links, .. WrittenWire.Links(part.Ports, written.Wires).Except(part.Links)],
        }));
    }

    private static Part From(Graft graft, Part part, WrittenPart written)
    {
        if (written.Origin is not { } origin) return part;
        if (written.Donor is null) return part.From(origin, null);
        return Find(graft, written.Donor) is { } donor ? part.From(origin, donor.Id) : part;
    }

    private static GraftDonor? Find(Graft graft, string donor)
        => graft.Donors().FirstOrDefault(each => each.Machine.Name.Equals(donor, StringComparison.OrdinalIgnoreCase));

    private static Graft Change(Graft graft, string part, WrittenPort written)
    {
        var (name, shape) = (written.Shape.Name, written.Shape);
        if (Find(graft, part, name) is null)
        {
            graft = new AddPort(part, shape).Apply(graft);
            // Where contacts are written, what is not written is not known; where none are, they are the usual ones.
            if (!written.Pins.IsEmpty) graft = graft.WithPort(new PortId(part, Find(graft, part, name)!.Id), added => added with { Pins = [] });
        }

        var port = Find(graft, part, name)!;
        var pins = written.Pins.Where(pin => pin.Position <= shape.PositionCount)
            .Select(pin => pin.On(port.PinAt(pin.Position))).Where(pin => pin != port.PinAt(pin.Position)).ToValueList();
        return graft.WithPort(new PortId(part, port.Id), found => pins.Aggregate(
            shape with { Id = found.Id, Name = found.Name, Pins = found.Pins }, (edited, pin) => edited.With(pin)));
    }

    private static Port? Find(Graft graft, string part, string name)
        => graft.FindPart(part)?.Ports.FirstOrDefault(port => port.Name.Equals(name, StringComparison.OrdinalIgnoreCase));
}
