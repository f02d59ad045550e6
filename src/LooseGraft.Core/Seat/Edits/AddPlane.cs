using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Puts a plane of the shell in, to mount things upon.</summary>
public sealed record AddPlane(string Name, Millimetres Width, Millimetres Depth, PlaneMaterial Material) : GraftEdit
{
    /// <summary>The id that the plane has in a graft; planes and parts share theirs, as a survey is of either.</summary>
    public string IdIn(Graft graft) => GraftEdits.FreshId(Name, [.. graft.Seating.Planes.Select(plane => plane.Id), .. graft.Parts.Select(part => part.Id)]);

    public override Graft Apply(Graft graft) => graft.WithSeating(seating => seating with
    {
        Planes = seating.Planes.Add(new MountPlane(IdIn(graft), Name, [.. new PlanRectangle(0, 0, Width.Value, Depth.Value).Corners]) { Material = Material }),
    });

    public override string Words(Graft graft) => $"A base to mount upon: {Name}";

    public override string Standing(Graft graft) => graft.Seating.Planes.Length.Counted("base");
}
