namespace LooseGraft.Core.Model;

/// <summary>What is meant to feed a supply inside the graft, as long as no joint says so: a converter on a brick, a box on a screen.</summary>
/// <param name="Supply">Id of the supply upstream.</param>
/// <param name="Rail">Its rail.</param>
public sealed record MeantInput(string Supply, string Rail)
{
    /// <summary>The plug it shall take there, written string/plug; null when nobody said.</summary>
    public string? Plug { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
