namespace LooseGraft.Core.Model;

/// <summary>Where a shell stands: through which of its sides heat goes.</summary>
public enum ShellStand
{
    /// <summary>Free, on its base.</summary>
    Free,

    /// <summary>On its base, with one side against a wall.</summary>
    AgainstWall,

    /// <summary>In a cupboard or a shelf: only its front is free.</summary>
    InCupboard,
}
