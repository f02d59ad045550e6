using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Words;

/// <summary>Needs that are looked at together.</summary>
/// <param name="Title">What they have in common.</param>
/// <param name="Lines">The needs.</param>
public sealed record NeedGroup(string Title, IReadOnlyList<NeedLine> Lines)
{
    private static readonly string[] Titles = ["Parts of the graft", "Go-betweens for joints", "What holds, joins and feeds", "Tools", "Added by you"];

    /// <summary>The groups that have something in them.</summary>
    public static IReadOnlyList<NeedGroup> Of(IEnumerable<NeedLine> lines)
        => [.. lines.GroupBy(line => Place(line.Need)).OrderBy(group => group.Key).Select(group => new NeedGroup(Titles[group.Key], [.. group]))];

    /// <summary>What usual prices make of all that is open, in euros, and how many things have no usual price.</summary>
    public static (PriceSpan Price, int Unknown) Missing(IEnumerable<NeedLine> lines)
    {
        var open = lines.Where(line => line.Open > 0).ToArray();
        return (
            open.Where(line => line.Need.Part is null)
                .Aggregate(PriceSpan.Free, (sum, line) => sum + ((line.Need.Ware.Price ?? PriceSpan.Free) * line.Open)),
            open.Count(line => line.Need.Part is { Cost: null } || (line.Need.Part is null && line.Need.Ware.Price is null)));
    }

    /// <summary>How a need stands, as a shape.</summary>
    public static string Shape(NeedState state) => state switch { NeedState.Open => "check", NeedState.LeftOut => "note", _ => "fine" };

    /// <summary>How a need stands, in words.</summary>
    public static string Words(NeedLine line) => line.State switch
    {
        NeedState.Open when line.Open < line.Need.Count => $"{line.Open} of it still open",
        NeedState.Open => "no source yet",
        NeedState.Chosen => "offers are chosen",
        NeedState.OnItsWay => "ordered",
        NeedState.Here => "it came",
        NeedState.FromBin => "out of the bin",
        NeedState.There => "it is there",
        _ => $"left out{(line.Mark?.Reason is { } reason ? $": {reason}" : "")}",
    };

    private static int Place(Need need) => need switch
    {
        { Own: not null } => 4,
        { Part: not null } => 0,
        { GoBetween: not null } => 1,
        { Ware.Kind: WareKind.Tool } => 3,
        _ => 2,
    };
}
