using System.Collections.Immutable;

namespace LooseGraft.Core.Circuit.Positions;

/// <summary>How everything that moves stands: which switches are pressed, and which coils pull.</summary>
/// <param name="Moved">What is pressed or pulls.</param>
/// <param name="Between">What is on its way with contacts that overlap: all of them closed.</param>
internal sealed record Position(ImmutableHashSet<string> Moved, ImmutableHashSet<string> Between)
{
    /// <summary>Nothing is pressed, and nothing pulls.</summary>
    public static readonly Position Rest = new([], []);

    /// <summary>Whether contacts that only make may be closed as well, whatever <see cref="Moved"/> says: closing them can only join more.</summary>
    public bool ArePlainClosed { get; init; }

    /// <summary>Whether a join conducts.</summary>
    public bool IsMade(Join join) => join.Kind switch
    {
        JoinKind.Switch => ArePlainClosed || (join.Mover is { } mover && Moved.Contains(mover)),
        JoinKind.Throw => Between.Contains(join.Mover!) || Moved.Contains(join.Mover!) != join.IsClosedAtRest,
        _ => true,
    };

    /// <summary>The same with one thing more moved.</summary>
    public Position With(string mover) => this with { Moved = Moved.Add(mover) };
}
