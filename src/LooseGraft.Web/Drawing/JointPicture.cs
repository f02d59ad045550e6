using System.Globalization;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Drawing;

namespace LooseGraft.Web.Drawing;

/// <summary>A joint's scene, in pixels and with the words that go with it, ready to be written as SVG.</summary>
/// <param name="Review">The joint.</param>
/// <param name="Scene">Its scene in millimetres.</param>
/// <param name="Scale">Pixels to the millimetre: the same for both halves.</param>
/// <param name="IsNarrow">Whether it is drawn for a narrow screen, on which both halves are to be seen.</param>
public sealed record JointPicture(JointReview Review, JointScene Scene, double Scale, bool IsNarrow)
{
    private const double UsualUnitPixels = 34;
    private const double TallestPixels = 640;

    // On a screen of 390 pixels, between the edges of the sheet and beside a bar to scroll by; names there take what thirteen small letters take.
    private const double NarrowPixels = 320;
    private const double NarrowNamePixels = 87;
    private const double LeastUnitPixels = 18;
    private const double LeastWireUnits = 1.6;

    /// <summary>Draws a joint.</summary>
    public static JointPicture Of(JointReview review, IEnumerable<JointContact> contacts, ConnectorView from, ConnectorView to, bool isNarrow = false)
    {
        if (!isNarrow)
        {
            var usual = JointScene.Of(review, contacts, from, to);
            return new JointPicture(review, usual, Math.Min(UsualUnitPixels / usual.Unit, TallestPixels / usual.Size.Y), false);
        }

        var unit = UsualUnitPixels;
        var scene = JointScene.Of(review, contacts, from, to, bodies =>
        {
            var left = NarrowPixels - (2 * NarrowNamePixels);
            unit = Math.Clamp(left / (bodies + LeastWireUnits), LeastUnitPixels, UsualUnitPixels);
            return new JointRooms(NarrowNamePixels / unit, Math.Max(LeastWireUnits, (left / unit) - bodies));
        });
        return new JointPicture(review, scene, unit / scene.Unit, true);
    }

    /// <summary>Pixels of one unit, the finer pitch.</summary>
    public double Unit => Scene.Unit * Scale;

    public double Width => Scene.Size.X * Scale;

    public double Height => Scene.Size.Y * Scale;

    /// <summary>The two halves.</summary>
    public IEnumerable<ConnectorPicture> Halves =>
    [
        new("from", Review.From, Scene.From, Scene.FromAt, IsLeft: true, Scale, Unit, IsNarrow),
        new("to", Review.To, Scene.To, Scene.ToAt, IsLeft: false, Scale, Unit, IsNarrow),
    ];

    /// <summary>A wire as an SVG path.</summary>
    public string Path(JointLine line)
    {
        var (x1, y1, x2, y2) = (line.Start.X * Scale, line.Start.Y * Scale, line.End.X * Scale, line.End.Y * Scale);
        var middle = (x1 + x2) / 2;
        return string.Create(CultureInfo.InvariantCulture, $"M{x1:0.#} {y1:0.#}C{middle:0.#} {y1:0.#} {middle:0.#} {y2:0.#} {x2:0.#} {y2:0.#}");
    }

    /// <summary>Where the shape of a wire's verdict stands: in the middle between the two halves.</summary>
    public (string X, string Y) Middle(JointLine line)
    {
        var inner = ((Scene.FromAt.X + Scene.From.Body.X + Scene.ToAt.X) / 2 * Scale) - (Unit * 0.25);
        return (Number(inner), Number(((line.Start.Y + line.End.Y) / 2 * Scale) - (Unit * 0.25)));
    }

    /// <summary>The colour a wire is drawn in: that of the plug's wire, or the usual one of its signal.</summary>
    public string Colour(JointLine line)
    {
        var pin = Review.To.At(line.Contact.To).Pin;
        return (pin.WireColour ?? WireColours.UsualFor(pin.Signal.Value)).ToLowerInvariant();
    }

    public static string Number(double pixels) => pixels.ToString("0.#", CultureInfo.InvariantCulture);
}
