
namespace LooseGraft.Core.Model;

/// <summary>A photograph of a part, a port or a reading. The picture itself is kept beside the database under its content's hash.</summary>
/// <param name="Hash">SHA-256 of the kept picture, 64 small hexadecimal digits.</param>
/// <param name="Part">The part it shows.</param>
/// <param name="WidthPx">Width in pixels.</param>
/// <param name="HeightPx">Height in pixels.</param>
public sealed record Photo(string Hash, string Part, int WidthPx, int HeightPx)
{
    /// <summary>The port it shows; null when it shows the part as a whole.</summary>
    public string? Port { get; init; }

    /// <summary>The reading it shows; null when it shows none.</summary>
    public string? Reading { get; init; }

    /// <summary>What is to be seen.</summary>
    public string? Caption { get; init; }

    /// <summary>The pins marked on it.</summary>
    public ValueList<PhotoMark> Marks { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
