using static System.FormattableString;

namespace LooseGraft.Web.Drawing;

/// <summary>Air along a way as it is drawn, in pixels: a thorn, broad where it comes from.</summary>
/// <param name="Way">Index of the way.</param>
/// <param name="From">Where the air comes from.</param>
/// <param name="To">Where it goes.</param>
/// <param name="Broad">How broad its tail is; 0 for air that stands.</param>
/// <param name="At">Where it passes the wall.</param>
/// <param name="IsFacing">Whether it leads towards or away from the eye, so that it is drawn as a ring.</param>
/// <param name="IsTowards">Whether it comes towards the eye then.</param>
/// <param name="Label">Where its flow is written.</param>
/// <param name="IsPlaced">Whether the way is known to be there.</param>
public sealed record AirArrow(
    int Way, (double X, double Y) From, (double X, double Y) To, (double X, double Y) At, double Broad, bool IsFacing, bool IsTowards,
    (double X, double Y) Label, bool IsPlaced)
{
    /// <summary>The letter of a way, by which picture and table name it: a, b … z, aa, ab …</summary>
    public static string Key(int way) => way < 26 ? ((char)('a' + way)).ToString() : Key((way / 26) - 1) + Key(way % 26);

    /// <summary>The corners of the thorn.</summary>
    public string Points
    {
        get
        {
            var (dx, dy) = (To.X - From.X, To.Y - From.Y);
            var length = Math.Max(Math.Sqrt((dx * dx) + (dy * dy)), 1);
            var (x, y) = (-dy / length * Broad / 2, dx / length * Broad / 2);
            return Invariant($"{From.X + x:0.#},{From.Y + y:0.#} {From.X + (dx / 5):0.#},{From.Y + (dy / 5):0.#} {From.X - x:0.#},{From.Y - y:0.#} {To.X:0.#},{To.Y:0.#}");
        }
    }
}
