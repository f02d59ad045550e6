using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Has an opening for air cut into a wall: it goes into Seat's list of cuts.</summary>
/// <param name="Plane">The plane.</param>
/// <param name="Wall">The wall round it.</param>
/// <param name="Area">Along the wall, and up from the plane.</param>
/// <param name="Cooler">The part whose cooler draws air through it by a short duct; null for none.</param>
public sealed record CutOpening(string Plane, PlaneWall Wall, PlanRectangle Area, string? Cooler = null) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.Seating.FindPlane(Plane) is not { } plane) return graft;
        var id = GraftEdits.FreshId("air", plane.Openings.Select(opening => opening.Id));
        var opening = new Opening(id, Name, OpeningKind.Air, Wall, Area) { IsToCut = true };
        var cut = graft with { Seating = graft.Seating.WithPlane(Plane, found => found with { Openings = found.Openings.Add(opening) }) };
        return Cooler is null ? cut : new SetCooler(graft.SaidOfCooler(Cooler) with { TakesRoomAir = true }).Apply(cut);
    }

    public override string Words(Graft graft) => $"{graft.Seating.FindPlane(Plane)?.Name ?? Plane}: {Name} is to be cut, {Area.Width:0.#} × {Area.Depth:0.#} mm{(Cooler is { } part ? $", for the cooler of {graft.NameOf(part)}" : "")}";

    public override string Standing(Graft graft) => graft.Seating.FindPlane(Plane) is { } plane
        ? plane.Openings.Length.Counted("opening") : "this plane is not there any more";

    private string Name => Wall == PlaneWall.Floor ? "air through the base" : $"air through the {Wall.ToString().ToLowerInvariant()} wall";
}
