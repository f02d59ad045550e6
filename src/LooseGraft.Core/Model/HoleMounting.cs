using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Model;

/// <summary>What holds a board at one of its holes.</summary>
/// <param name="Hole">The hole's place in the board's list, from 1.</param>
/// <param name="Method">What holds it.</param>
public sealed record HoleMounting(int Hole, MountMethod Method)
{
    /// <summary>The screw or bolt here; null when nobody said.</summary>
    public Screw? Screw { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
