namespace LooseGraft.Core.Model;

/// <summary>One end of the graft: the donor that gives the board, or the shell that takes it.</summary>
/// <param name="Name">What the builder calls it.</param>
public sealed record Machine(string Name)
{
    /// <summary>What it was: a kiosk, a desktop, a radiogram.</summary>
    public string? Kind { get; init; }

    /// <summary>Anything worth remembering: what its old case did for the board, what the shell is made of.</summary>
    public string? Note { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
