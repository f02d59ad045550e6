using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>What must hold between what the air is told and the rest: names are unique, and what is named exists.</summary>
internal static class CoolChecks
{
    public static void Graft(Graft graft, ReadContext context, HashSet<string> parts)
    {
        var cooling = graft.Cooling;
        CrossChecks.Unique(context, "cooling.spaces", cooling.Spaces, space => space.Id);
        CrossChecks.Unique(context, "cooling.ways", cooling.Ways, way => way.Id);
        CrossChecks.Unique(context, "cooling.vents", cooling.Vents, vent => (vent.Plane, vent.Opening));
        CrossChecks.Unique(context, "cooling.fans", cooling.Fans, fan => fan.Part);
        CrossChecks.Unique(context, "cooling.coolers", cooling.Coolers, cooler => cooler.Part);
        CrossChecks.Unique(context, "cooling.readings", cooling.Readings, reading => reading.Id);
        CrossChecks.Unique(context, "cooling.places", cooling.Places, place => place.Part);
        // A tray stands in the space of the plane below it.
        var spaces = graft.Seating.Planes.Where(plane => plane.Stand is null).Select(plane => plane.Id)
            .Concat(cooling.Spaces.Select(space => space.Id)).ToHashSet();
        var openings = (from plane in graft.Seating.Planes from opening in plane.Openings select $"{plane.Id}/{opening.Id}").ToHashSet();
        foreach (var (index, space) in cooling.Spaces.Index())
        {
            if (graft.Seating.FindPlane(space.Id) is { Stand: not null })
                context.Fail($".cooling.spaces[{index}].id", ReadContext.Quote(space.Id), "a plane that stands on no other: a tray is in the space of what it stands on");
        }

        foreach (var (index, vent) in cooling.Vents.Index())
        {
            var name = $"{vent.Plane}/{vent.Opening}";
            if (!openings.Contains(name)) context.Fail($".cooling.vents[{index}].opening", ReadContext.Quote(name), "an opening of a plane in this file");
        }

        foreach (var (index, way) in cooling.Ways.Index())
        {
            if (way.From is { } from) CrossChecks.Exists(context, $".cooling.ways[{index}].from", from, spaces, "the id of a space or of a plane");
            if (way.To is { } to) CrossChecks.Exists(context, $".cooling.ways[{index}].to", to, spaces, "the id of a space or of a plane");
        }

        var ways = cooling.Ways.Select(way => way.Id).ToHashSet();
        foreach (var (index, fan) in cooling.Fans.Index())
        {
            CrossChecks.Exists(context, $".cooling.fans[{index}].part", fan.Part, parts, "the id of a part");
            if (fan.Way is { } way) Way($".cooling.fans[{index}].way", way);
        }

        foreach (var (index, cooler) in cooling.Coolers.Index())
            CrossChecks.Exists(context, $".cooling.coolers[{index}].part", cooler.Part, parts, "the id of a part");
        foreach (var (index, place) in cooling.Places.Index())
        {
            CrossChecks.Exists(context, $".cooling.places[{index}].part", place.Part, parts, "the id of a part");
            if (place.Space is { } space) CrossChecks.Exists(context, $".cooling.places[{index}].space", space, spaces, "the id of a space or of a plane");
        }

        foreach (var (index, reading) in cooling.Readings.Index())
        {
            var at = $".cooling.readings[{index}]";
            if (reading.Part is { } part) CrossChecks.Exists(context, $"{at}.part", part, parts, "the id of a part");
            if (reading.Space is { } space) CrossChecks.Exists(context, $"{at}.space", space, spaces, "the id of a space or of a plane");
            if (reading.Way is { } way) Way($"{at}.way", way);
        }

        void Way(string at, string way)
        {
            if (!ways.Contains(way) && !openings.Contains(way))
                context.Fail(at, ReadContext.Quote(way), "the id of a way, or an opening written plane/opening, in this file");
        }
    }
}
