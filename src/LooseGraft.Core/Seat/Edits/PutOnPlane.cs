using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Puts a thing of the shell down on a plane.</summary>
/// <param name="Plane">The plane.</param>
/// <param name="Sort">What is put down.</param>
/// <param name="At">Where.</param>
/// <param name="To">Where the hand was lifted again; the same place for a press.</param>
public sealed record PutOnPlane(string Plane, ShellSort Sort, PlanPoint At, PlanPoint To) : GraftEdit
{
    /// <summary>What it will be called; null where there is no such plane.</summary>
    public ShellThing? Thing(Graft graft) => graft.Seating.FindPlane(Plane) is { } plane ? PutDown.On(graft.Seating, plane, Sort, At, To).Thing : null;

    public override Graft Apply(Graft graft)
        => graft.WithSeating(seating => seating.FindPlane(Plane) is { } plane ? PutDown.On(seating, plane, Sort, At, To).Seating : seating);

    public override string Words(Graft graft) => $"{Thing(graft)?.Key ?? "Something"} put down on {graft.Seating.FindPlane(Plane)?.Name ?? Plane}, {Sort.Words()}";

    public override string Standing(Graft graft) => ShellWords.Standing(graft, Plane);
}
