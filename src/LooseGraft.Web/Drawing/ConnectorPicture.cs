using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Drawing;

namespace LooseGraft.Web.Drawing;

/// <summary>One half of a joint's picture.</summary>
/// <param name="Side"><c>from</c> or <c>to</c>.</param>
/// <param name="End">The port and its contacts.</param>
/// <param name="Scene">Its drawing in millimetres.</param>
/// <param name="Corner">Where its upper left corner lies, in millimetres.</param>
/// <param name="IsLeft">Whether names stand on its left.</param>
/// <param name="Scale">Pixels to the millimetre.</param>
/// <param name="Unit">Pixels of the finer pitch.</param>
/// <param name="IsNarrow">Whether names stand in little room.</param>
public sealed record ConnectorPicture(
    string Side, JointEnd End, ConnectorScene Scene, PointMm Corner, bool IsLeft, double Scale, double Unit, bool IsNarrow)
{
    private const int NarrowLetters = 13;

    /// <summary>More rows than this have no room for names beside them; the table has them all.</summary>
    private const int MostNamedRows = 2;

    public double Left => Corner.X * Scale;

    public double Top => Corner.Y * Scale;

    public double Width => Scene.Body.X * Scale;

    public double Height => Scene.Body.Y * Scale;

    public bool HasNames => End.Port.Rows <= MostNamedRows;

    public string NameAnchor => IsLeft ? "end" : "start";

    public double NameX => IsLeft ? Left - (Unit * 0.3) : Left + Width + (Unit * 0.3);

    public PointMm Centre(int position)
    {
        var place = Scene.Positions[position - 1];
        return new PointMm((Corner.X + place.X) * Scale, (Corner.Y + place.Y) * Scale);
    }

    /// <summary>The height of a position's name: two side by side share a line's height, the left one above.</summary>
    public double NameY(int position)
    {
        var across = End.Port.Rows == 1 ? 0 : Math.Sign(Scene.Positions[position - 1].X - (Scene.Body.X / 2));
        return Centre(position).Y + (across * Unit * 0.24) + (Unit * 0.12);
    }

    /// <summary>What stands beside a position. In little room its number, which stands in the contact, is not said again, and a long name is cut; the table
    /// has all of it.</summary>
    public string NameBeside(Pin pin)
    {
        if (!IsNarrow) return Name(pin);
        var (words, mark) = pin.Contact == ContactState.Wired ? (pin.Signal.Value.ToString(), pin.IsUnproven ? "?" : "") : (Name(pin).Split(' ', 2)[1], "");
        var letters = NarrowLetters - mark.Length;
        return words.Length > letters ? $"{words[..(letters - 1)]}…{mark}" : words + mark;
    }

    public static string Name(Pin pin) => pin.Contact switch
    {
        ContactState.Absent => $"{pin.Position} left out",
        ContactState.Blocked => $"{pin.Position} filled",
        ContactState.Unwired => $"{pin.Position} no conductor",
        _ => $"{pin.Position} {pin.Signal.Value}{(pin.Level is { } level ? $" ({level})" : "")}{(pin.IsUnproven ? " ?" : "")}",
    };

    public string Describe(Pin pin)
        => $"{End.Port.Name}, position {pin.Position}: {(pin.Contact == ContactState.Wired ? $"{pin.Signal.Value}, {pin.Signal.Evidence.Words()}" : Name(pin))}";
}
