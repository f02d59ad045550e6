using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>What must hold between the members of a graft file: names are unique, and what is named exists.</summary>
internal static class CrossChecks
{
    public static void Unique<T, TKey>(ReadContext context, string member, ValueList<T> items, Func<T, TKey> key)
        where TKey : notnull
    {
        var seen = new Dictionary<TKey, int>();
        foreach (var (index, item) in items.Index())
        {
            if (!seen.TryAdd(key(item), index))
                context.Fail($".{member}[{index}]", $"{key(item)} again", $"each once; it already stands at {member}[{seen[key(item)]}]");
        }
    }

    public static void Graft(Graft graft, ReadContext context)
    {
        Unique(context, "parts", graft.Parts, part => part.Id);
        Unique(context, "joints", graft.Joints, joint => joint.Id);
        Unique(context, "supplies", graft.Supplies, supply => supply.Id);
        Unique(context, "loads", graft.Loads, load => load.Id);
        var ports = (from part in graft.Parts from port in part.Ports select (Id: new PortId(part.Id, port.Id), port))
            .DistinctBy(pair => pair.Id).ToDictionary(pair => pair.Id, pair => pair.port);
        var parts = graft.Parts.Select(part => part.Id).ToHashSet();
        foreach (var (index, part) in graft.Parts.Index().Where(pair => pair.Item.InPlaceOf is not null))
        {
            Exists(context, $".parts[{index}].inPlaceOf", part.InPlaceOf!, parts, "the id of another part");
            if (graft.IsInItsOwnPlace(part)) context.Fail($".parts[{index}].inPlaceOf", ReadContext.Quote(part.InPlaceOf!), "a part that does not stand in its place");
        }

        var supplies = graft.Supplies.Select(supply => supply.Id).ToHashSet();
        foreach (var (index, joint) in graft.Joints.Index()) Joint(context, $".joints[{index}]", joint, ports);
        Within(context, ".joints", graft.Joints.Sum(joint => Positions(joint.From, ports) * Positions(joint.To, ports)), GraftFileLimits.JointPairs,
            "pairs of positions that could meet");
        var plugs = (from supply in graft.Supplies from lead in supply.Leads from plug in lead.Plugs select (supply.Id, $"{lead.Id}/{plug.Id}")).ToHashSet();
        foreach (var (index, supply) in graft.Supplies.Index())
        {
            Exists(context, $".supplies[{index}].part", supply.Part, parts, "the id of a part");
            foreach (var (at, lead) in supply.Leads.Index()) Plugs(context, $".supplies[{index}].strings[{at}]", supply, lead, ports);
            if (supply.Meant is not { } input) continue;
            Exists(context, $".supplies[{index}].meant.supply", input.Supply, supplies, "the id of a supply");
            if (input.Plug is { } plug && !plugs.Contains((input.Supply, plug)))
                context.Fail($".supplies[{index}].meant.plug", ReadContext.Quote(plug), "a plug of that supply");
        }

        Unique(context, "wallReadings", graft.WallReadings, reading => reading.Id);
        foreach (var (index, reading) in graft.WallReadings.Index().Where(pair => pair.Item.Supply is not null))
            Exists(context, $".wallReadings[{index}].supply", reading.Supply!, supplies, "the id of a supply");
        foreach (var (index, load) in graft.Loads.Index())
        {
            Exists(context, $".loads[{index}].part", load.Part, parts, "the id of a part");
            foreach (var (at, draw) in load.Draws.Index().Where(draw => draw.Item.Socket is not null))
                Find(context, $".loads[{index}].draws[{at}].port", new PortId(load.Part, draw.Socket!), ports);
            if (load.Meant is not { } meant) continue;
            Exists(context, $".loads[{index}].meant.supply", meant.Supply, supplies, "the id of a supply");
            if (meant.Rail is { } rail && graft.Supplies.Any(supply => supply.Id == meant.Supply && supply.Rails.All(each => each.Name != rail)))
                context.Fail($".loads[{index}].meant.rail", ReadContext.Quote(rail), "a rail of its supply");
            if (meant.Plug is { } plug && !plugs.Contains((meant.Supply, plug)))
                context.Fail($".loads[{index}].meant.plug", ReadContext.Quote(plug), "a plug of its supply, written string/plug");
            if (meant.Through is { } through) Find(context, $".loads[{index}].meant.through", through, ports);
        }

        DonorChecks.Graft(graft, context, parts);
        Unique(context, "readings", graft.Readings, reading => reading.Id);
        foreach (var (index, reading) in graft.Readings.Index()) Reading(context, $".readings[{index}]", reading, ports);
        Unique(context, "records", graft.Records, record => record.Id);
        var readings = graft.Readings.Select(reading => reading.Id).ToHashSet();
        SeatChecks.Graft(graft, context, parts, ports);
        CoolChecks.Graft(graft, context, parts);
        BuyChecks.Graft(graft, context);
        foreach (var (index, photo) in graft.Photos.Index()) Photo(context, $".photos[{index}]", photo, parts, ports, readings);
    }

    public static void Exists(ReadContext context, string path, string id, HashSet<string> ids, string what)
    {
        if (!ids.Contains(id)) context.Fail(path, ReadContext.Quote(id), $"{what} in this file");
    }

    /// <summary>What multiplies is bounded together, so that no file costs more than a page can wait for.</summary>
    public static void Within(ReadContext context, string path, long found, int most, string what)
    {
        if (found > most) context.Fail(path, FormattableString.Invariant($"{found} {what}"), FormattableString.Invariant($"at most {most} together"));
    }

    private static long Positions(PortId port, Dictionary<PortId, Port> ports) => ports.TryGetValue(port, out var found) ? found.PositionCount : 0;

    private static void Plugs(ReadContext context, string path, Supply supply, SupplyLead lead, Dictionary<PortId, Port> ports)
    {
        foreach (var (index, plug) in lead.Plugs.Index())
        {
            if (plug.Port is { } port && (!ports.TryGetValue(new PortId(supply.Part, port), out var found) || found.Type != plug.Type))
                context.Fail($"{path}.plugs[{index}].port", ReadContext.Quote(port), "a port of the supply's part of the same kind of connector");
        }

        var again = supply.Leads.SelectMany(each => each.Plugs).Where(plug => plug.Port is not null).GroupBy(plug => plug.Port)
            .Where(same => same.Count() > 1).Select(same => same.Key).ToHashSet();
        foreach (var (index, plug) in lead.Plugs.Index().Where(plug => plug.Item.Port is not null && again.Contains(plug.Item.Port)))
            context.Fail($"{path}.plugs[{index}].port", $"{plug.Port} again", "each port once; another plug of this supply is it already");
    }

    private static void Joint(ReadContext context, string path, Joint joint, Dictionary<PortId, Port> ports)
    {
        var from = Find(context, path + ".from", joint.From, ports);
        var to = Find(context, path + ".to", joint.To, ports);
        if (joint.From == joint.To) context.Fail(path + ".to", "the port it starts from", "another port");
        if (from is null || to is null) return;
        InRange(context, path + ".pinOneOn", joint.PinOneOn, from);
        foreach (var (index, wire) in joint.Wires.Index())
        {
            InRange(context, $"{path}.wires[{index}].from", wire.From, from);
            InRange(context, $"{path}.wires[{index}].to", wire.To, to);
        }

        foreach (var (index, tie) in joint.Ties.Index())
        {
            if (tie.One.IsFrom != tie.Other.IsFrom || tie.One == tie.Other)
                context.Fail($"{path}.ties[{index}].other", tie.Other.ToString(), "another contact of the same end; a wire joins the two ends");
            InRange(context, $"{path}.ties[{index}].one", tie.One.Position, tie.One.IsFrom ? from : to);
            InRange(context, $"{path}.ties[{index}].other", tie.Other.Position, tie.Other.IsFrom ? from : to);
        }

        foreach (var (index, test) in joint.Tests.Index())
        {
            InRange(context, $"{path}.tests[{index}].one", test.One.Position, test.One.IsFrom ? from : to);
            InRange(context, $"{path}.tests[{index}].other", test.Other.Position, test.Other.IsFrom ? from : to);
        }
    }

    private static void Reading(ReadContext context, string path, Reading reading, Dictionary<PortId, Port> ports)
    {
        if (Find(context, path + ".port", reading.Port, ports) is not { } port) return;
        if (reading.Red is { } red) InRange(context, path + ".red", red, port);
        if (reading.Black is { } black) InRange(context, path + ".black", black, port);
        if (reading.Red is not null && reading.Red == reading.Black) context.Fail(path + ".black", "the position under the red probe", "another position");
    }

    private static void Photo(ReadContext context, string path, Photo photo, HashSet<string> parts, Dictionary<PortId, Port> ports, HashSet<string> readings)
    {
        Exists(context, path + ".part", photo.Part, parts, "the id of a part");
        if (photo.Reading is { } reading) Exists(context, path + ".reading", reading, readings, "the id of a reading");
        if (photo.Port is not { } id || Find(context, path + ".port", new PortId(photo.Part, id), ports) is not { } port) return;
        foreach (var (index, mark) in photo.Marks.Index()) InRange(context, $"{path}.marks[{index}].position", mark.Position, port);
    }

    private static Port? Find(ReadContext context, string path, PortId id, Dictionary<PortId, Port> ports)
    {
        if (ports.TryGetValue(id, out var port)) return port;
        context.Fail(path, ReadContext.Quote(id.ToString()), "a port in this file, written part/port");
        return null;
    }

    private static void InRange(ReadContext context, string path, int position, Port port)
    {
        if (position > port.PositionCount) context.Fail(path, $"{position}", $"1 to {port.PositionCount}, the positions of {port.Id}");
    }
}
