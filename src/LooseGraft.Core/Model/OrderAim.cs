namespace LooseGraft.Core.Model;

/// <summary>What something was ordered for, as it was needed at that moment.</summary>
/// <param name="Need">The key of the need.</param>
/// <param name="Words">What it was called.</param>
/// <param name="Count">How many pieces, or whole metres, of it.</param>
public sealed record OrderAim(string Need, string Words, int Count)
{
    /// <summary>The joints that asked for it, by their ids.</summary>
    public ValueList<string> Joints { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
