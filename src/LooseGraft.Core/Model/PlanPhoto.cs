using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A photograph to be laid under the plan of a plane or of a board. The picture itself is kept beside the database under its content's hash.</summary>
/// <param name="Of">The plane or the part.</param>
/// <param name="Hash">SHA-256 of the kept picture, 64 small hexadecimal digits.</param>
/// <param name="WidthPx">Width in pixels.</param>
/// <param name="HeightPx">Height in pixels.</param>
public sealed record PlanPhoto(string Of, string Hash, int WidthPx, int HeightPx)
{
    /// <summary>Ends of the two known distances: positions 1 and 2 of the one across, from the left to the right; 3 and 4 of the one deep, from the rear to the
    /// front.</summary>
    public ValueList<PhotoMark> Marks { get; init; } = [];

    /// <summary>The distance across; null while nobody gave it.</summary>
    public Millimetres? Across { get; init; }

    /// <summary>The distance deep; null while nobody gave it.</summary>
    public Millimetres? Deep { get; init; }

    /// <summary>Where the left end of the distance across lies on the plan.</summary>
    public PlanPoint At { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>The same with one end marked, or marked anew.</summary>
    public PlanPhoto With(PhotoMark mark)
        => this with { Marks = [.. Marks.Where(other => other.Position != mark.Position).Append(mark).OrderBy(each => each.Position)] };
}
