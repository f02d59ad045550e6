namespace LooseGraft.Core.Model;

/// <summary>Edits of what the air of a graft is told.</summary>
public static class CoolingEdits
{
    /// <summary>Changes what the air is told.</summary>
    public static Graft WithCooling(this Graft graft, Func<Cooling, Cooling> change) => graft with { Cooling = change(graft.Cooling) };

    /// <summary>The same without what names parts, planes, openings and ways that are no longer there. A fan whose way is gone is one that nobody has
    /// placed.</summary>
    internal static Graft WithCoolingOfWhatIsThere(this Graft graft)
    {
        var cooling = graft.Cooling;
        if (cooling == Cooling.Empty) return graft;
        var planes = graft.Seating.Planes.Where(plane => plane.Stand is null).Select(plane => plane.Id).ToHashSet();
        var trays = graft.Seating.Planes.Where(plane => plane.Stand is not null).Select(plane => plane.Id).ToHashSet();
        var openings = (from plane in graft.Seating.Planes from opening in plane.Openings select $"{plane.Id}/{opening.Id}").ToHashSet();
        var parts = graft.Parts.Select(part => part.Id).ToHashSet();
        var spaces = cooling.Spaces.RemoveAll(space => trays.Contains(space.Id));
        var known = spaces.Select(space => space.Id).Concat(planes).ToHashSet();
        var ways = cooling.Ways.RemoveAll(way => (way.From is { } from && !known.Contains(from)) || (way.To is { } to && !known.Contains(to)));
        var named = ways.Select(way => way.Id).Concat(openings).ToHashSet();
        return graft with
        {
            Cooling = cooling with
            {
                Spaces = spaces,
                Vents = cooling.Vents.RemoveAll(vent => !openings.Contains($"{vent.Plane}/{vent.Opening}")),
                Ways = ways,
                Fans = cooling.Fans.RemoveAll(fan => !parts.Contains(fan.Part) || (fan.Way is { } way && !named.Contains(way))),
                Coolers = cooling.Coolers.RemoveAll(cooler => !parts.Contains(cooler.Part)),
                Readings = cooling.Readings.RemoveAll(reading => (reading.Part is { } part && !parts.Contains(part))
                    || (reading.Space is { } space && !known.Contains(space)) || (reading.Way is { } way && !named.Contains(way))),
                Places = cooling.Places.RemoveAll(place => !parts.Contains(place.Part) || (place.Space is { } space && !known.Contains(space))),
            },
        };
    }
}
