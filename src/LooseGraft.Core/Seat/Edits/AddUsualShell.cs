using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Puts the plane of a usual case in, with the standoffs it is sold with. That they are there is assumed until somebody looks.</summary>
public sealed record AddUsualShell(UsualShell Shell) : GraftEdit
{
    /// <summary>The id that its plane has in a graft.</summary>
    public string IdIn(Graft graft) => Bare.IdIn(graft);

    private AddPlane Bare => new(Shell.Plane, new Millimetres(Shell.WidthMm), new Millimetres(Shell.DepthMm), PlaneMaterial.Steel);

    public override Graft Apply(Graft graft)
    {
        var id = IdIn(graft);
        var standoffs = new AddStandoffs(id, Shell.Board, new Millimetres(Shell.LeftMm), new Millimetres(Shell.RearMm));
        return standoffs.Apply(Bare.Apply(graft)).WithSeating(seating => seating.WithPlane(id, plane => plane with
        {
            Mounts = [.. plane.Mounts.Select(mount => mount with { Evidence = Evidence.Assumed })],
        }));
    }

    public override string Words(Graft graft) => $"A usual case: {Shell.Name}";

    public override string Standing(Graft graft) => Bare.Standing(graft);
}
