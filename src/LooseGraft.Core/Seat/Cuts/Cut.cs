using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Cuts;

/// <summary>One thing to drill, cut, bend or take off.</summary>
/// <param name="Name">What it is for.</param>
/// <param name="Act">What is done.</param>
/// <param name="Plane">In which plane.</param>
/// <param name="At">Its middle, from the plane's left rear corner; in a wall along it, and up from the plane.</param>
/// <param name="Size">How large, in words with units.</param>
/// <param name="DrillMm">The drill in millimetres; 0 where nothing is drilled.</param>
/// <param name="Area">What is cut out; null for a hole or something taken off.</param>
/// <param name="Tolerance">How far it may be off, each way, in millimetres.</param>
/// <param name="Depth">How deep a tool may go, in words.</param>
/// <param name="Tools">What it takes.</param>
/// <param name="Edge">How its edge is finished.</param>
/// <param name="Caution">What to mind before it.</param>
public sealed record Cut(
    string Name, string Act, MountPlane Plane, PlanPoint At, string Size, double DrillMm, PlanRectangle? Area, double Tolerance, string Depth, string Tools,
    string Edge, string Caution)
{
    /// <summary>Where it is: in the plane itself, or in a wall, whose places are counted along it from the plane's corner and up from the plane.</summary>
    public PlaneWall Wall { get; init; }
}
