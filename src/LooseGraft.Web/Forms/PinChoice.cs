using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Web.Forms;

/// <summary>The pin that is being looked at.</summary>
/// <param name="Side"><c>from</c> or <c>to</c>.</param>
/// <param name="End">Its side of the joint.</param>
/// <param name="Position">Its position.</param>
public sealed record PinChoice(string Side, JointEnd End, int Position)
{
    public Pin Pin => End.At(Position).Pin;

    /// <summary>Reads <c>from-7</c>.</summary>
    /// <returns>The choice; null when the joint has no such pin.</returns>
    public static PinChoice? Parse(string? text, JointReview joint)
    {
        if (text?.Split('-') is not [var side, var number]) return null;
        var end = side switch { "from" => joint.From, "to" => joint.To, _ => null };
        return end is not null && int.TryParse(number, NumberStyles.None, CultureInfo.InvariantCulture, out var position)
            && position >= 1 && position <= end.Port.PositionCount
            ? new PinChoice(side, end, position)
            : null;
    }
}
