namespace LooseGraft.Core.Circuit;

/// <summary>What a contact is to the circuit it becomes part of. Roles decide physics; names only help to find the role.</summary>
public enum RoleKind
{
    /// <summary>Nobody knows.</summary>
    Unknown,

    /// <summary>A conductor or one leg of a switch, a light, a coil: it bears what is put on it and passes on what its other end is joined to.</summary>
    Passive,

    /// <summary>The common return of its part.</summary>
    Ground,

    /// <summary>The metal of a shell, or a shield: no return, and at ground sooner or later.</summary>
    Chassis,

    /// <summary>Its maker says that nothing may be joined to it.</summary>
    KeepOpen,

    /// <summary>Gives a supply voltage from little resistance.</summary>
    Source,

    /// <summary>A supply of a board: fed from elsewhere, or made on the board, and passed on by its other contacts.</summary>
    Rail,

    /// <summary>Takes power at a voltage.</summary>
    Load,

    /// <summary>Drives a signal.</summary>
    Driver,

    /// <summary>Listens to a signal and takes no power.</summary>
    Input,
}
