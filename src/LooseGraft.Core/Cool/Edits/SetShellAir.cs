using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Says how warm the room is, where the shell stands, and what its maker prints.</summary>
/// <param name="Room">How warm the room is; null for as rooms are.</param>
/// <param name="Stand">Where it stands.</param>
/// <param name="Feet">How high its feet hold it; null where nobody looked.</param>
/// <param name="Limit">The watts that its maker prints; null for none.</param>
public sealed record SetShellAir(Spread<Celsius>? Room, ShellStand Stand, Millimetres? Feet, Known<Watts>? Limit) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithCooling(cooling => cooling with { Room = Room, Stand = Stand, Feet = Feet, ShellLimit = Limit });

    public override string Words(Graft graft) => $"The shell: {Said(Room, Stand, Feet, Limit)}";

    public override string Standing(Graft graft) => Said(graft.Cooling.Room, graft.Cooling.Stand, graft.Cooling.Feet, graft.Cooling.ShellLimit);

    private static string Said(Spread<Celsius>? room, ShellStand stand, Millimetres? feet, Known<Watts>? limit)
        => $"{(room is { } said ? $"room of {said}" : "a room as usual")}, {stand.Words()}{(feet is { } high ? $" on feet of {high}" : "")}{(limit is { } printed ? $", made for {printed.Value}" : "")}";
}
