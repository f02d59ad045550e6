using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Model;

/// <summary>Something that the builder needs beside what the decisions ask for.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Ware">What it is.</param>
/// <param name="Count">How many of it, 1 or more.</param>
public sealed record OwnNeed(string Id, Ware Ware, int Count)
{
    /// <summary>What it is for.</summary>
    public string? Note { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
