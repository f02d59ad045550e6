using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Web.Drawing;

/// <summary>The wires between two connectors of one part: their contacts one below the other, in order.</summary>
/// <param name="Part">The part.</param>
/// <param name="From">The one connector, on the left.</param>
/// <param name="To">The other.</param>
public sealed record PartMapPicture(Part Part, Port From, Port To)
{
    // A finger finds a contact; of a long connector the whole is to be seen rather than a large piece.
    private const int WideRow = 44;
    private const int Row = 30;
    private const int MostWide = 8;
    private const int Head = 28;
    private const int Left = 128;

    // The whole of it is seen on a narrow screen.
    public static int Width => 364;

    private const int LongestName = 15;

    public int RowHeight => Math.Max(From.PositionCount, To.PositionCount) > MostWide ? Row : WideRow;

    public int Height => Head + (RowHeight * Math.Max(From.PositionCount, To.PositionCount));

    /// <summary>The two sides: what they are called, where their contacts lie, and where their names stand.</summary>
    public IEnumerable<(string Side, Port Port, int X, int NameX, string Anchor)> Sides
        => [("from", From, Left, Left - 17, "end"), ("to", To, Width - Left, Width - Left + 17, "start")];

    public int Y(int position) => Head + (RowHeight * position) - (RowHeight / 2);

    /// <summary>The wires from side to side, each with its place in the part's list.</summary>
    public IEnumerable<(int Index, int From, int To)> Wires
        => from each in Part.Links.Index()
           where each.Item.Kind == LinkKind.Wire
           let ends = each.Item.One.Port == From.Id ? (each.Item.One, each.Item.Other) : (each.Item.Other, each.Item.One)
           where ends.Item1.Port == From.Id && ends.Item2.Port == To.Id
           select (each.Index, ends.Item1.Position, ends.Item2.Position);

    public string Path(int from, int to)
        => string.Create(CultureInfo.InvariantCulture, $"M{Left} {Y(from)}C{Width / 2} {Y(from)} {Width / 2} {Y(to)} {Width - Left} {Y(to)}");

    /// <summary>What a contact carries, as far as there is room for it.</summary>
    public static string Name(Pin pin)
    {
        var name = pin.Contact == ContactState.Wired ? pin.Signal.Value.ToString() : ConnectorPicture.Name(pin);
        return name.Length > LongestName ? string.Concat(name.AsSpan(0, LongestName - 1), "…") : name;
    }

    public string Colour(int from) => (From.PinAt(from).WireColour ?? WireColours.UsualFor(From.PinAt(from).Signal.Value)).ToLowerInvariant();
}
