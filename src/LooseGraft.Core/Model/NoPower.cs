namespace LooseGraft.Core.Model;

/// <summary>The builder's word that nothing that meets a need feeds, holds or carries power.</summary>
/// <param name="Need">The key of the need.</param>
/// <param name="Called">What it was called when it was said; it holds for nothing of another name.</param>
public sealed record NoPower(string Need, string Called)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
