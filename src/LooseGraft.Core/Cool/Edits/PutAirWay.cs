using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Puts in a way for air that Seat has no opening for, or says anew what is known of it.</summary>
/// <param name="Way">The way; one without an id gets one from its name.</param>
public sealed record PutAirWay(AirWay Way) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        var spaces = graft.AirSpaces().Select(space => space.Id).ToHashSet();
        if (Way.From == Way.To || (Way.From is { } from && !spaces.Contains(from)) || (Way.To is { } to && !spaces.Contains(to))) return graft;
        if (Way.Id.Length > 0 && Found(graft) is null) return graft;
        var now = Found(graft) is { } found ? Way with { Unknown = found.Unknown }
            : Way with { Id = GraftEdits.FreshId(Way.Name, graft.Cooling.Ways.Select(way => way.Id)) };
        return graft.WithCooling(cooling => cooling with { Ways = cooling.Ways.With(now, way => way.Id == now.Id) });
    }

    public override string Words(Graft graft) => $"{Way.Name}: {Said(graft, Way)}";

    public override string Standing(Graft graft)
        => Found(graft) is { } found ? Said(graft, found) : Way.Id.Length > 0 ? "this way is not there any more" : graft.Cooling.Ways.Length.Counted("way");

    private AirWay? Found(Graft graft) => graft.Cooling.Ways.FirstOrDefault(way => way.Id == Way.Id);

    private static string Said(Graft graft, AirWay way)
        => $"{way.Area} of {AirText.Cover(way.Cover, way.FreeShare, way.Filter)}, {graft.NameOfSpace(way.From)} to {graft.NameOfSpace(way.To)}, {way.Height} up";
}
