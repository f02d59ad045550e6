using System.Collections.Immutable;

namespace LooseGraft.Core.Wire.Drawing;

/// <summary>The two halves of a joint facing each other, drawn to one scale, with room for names outside and for wires between.</summary>
/// <param name="Size">Width and height of the drawing in millimetres.</param>
/// <param name="Unit">The finer of the two pitches: letters and strokes are drawn in shares of it.</param>
/// <param name="From">The fixed half.</param>
/// <param name="FromAt">Where its upper left corner lies.</param>
/// <param name="To">The half brought to it.</param>
/// <param name="ToAt">Where its upper left corner lies.</param>
/// <param name="Lines">The wires.</param>
public sealed record JointScene(
    PointMm Size, double Unit, ConnectorScene From, PointMm FromAt, ConnectorScene To, PointMm ToAt, ImmutableArray<JointLine> Lines)
{
    // In shares of the unit: room for a title above, and below.
    private const double TitleRoom = 1.6;
    private const double FootRoom = 0.4;
    private const double LaneShift = 0.17;

    /// <summary>Draws a joint.</summary>
    /// <param name="review">The joint.</param>
    /// <param name="contacts">Which of its contacts to draw as lines: as decided, as pushed, or as proposed.</param>
    /// <param name="fromView">From which side its fixed half is looked at.</param>
    /// <param name="toView">From which side the other half is looked at.</param>
    /// <param name="rooms">The room it has; the usual one when that is not given.</param>
    public static JointScene Of(
        JointReview review, IEnumerable<JointContact> contacts, ConnectorView fromView, ConnectorView toView, Func<double, JointRooms>? rooms = null)
    {
        var (from, to) = (ConnectorScene.Of(review.From.Port, fromView), ConnectorScene.Of(review.To.Port, toView));
        var unit = Math.Min(review.From.Port.Pitch.Value, review.To.Port.Pitch.Value);
        var (nameRoom, wireRoom) = rooms?.Invoke((from.Body.X + to.Body.X) / unit) ?? JointRooms.Usual;
        var tallest = Math.Max(from.Body.Y, to.Body.Y);
        var fromAt = new PointMm(nameRoom * unit, (TitleRoom * unit) + ((tallest - from.Body.Y) / 2));
        var toAt = new PointMm(fromAt.X + from.Body.X + (wireRoom * unit), (TitleRoom * unit) + ((tallest - to.Body.Y) / 2));
        var size = new PointMm(toAt.X + to.Body.X + (nameRoom * unit), tallest + ((TitleRoom + FootRoom) * unit));
        return new JointScene(size, unit, from, fromAt, to, toAt,
            [.. contacts.Select(contact => new JointLine(contact, Lane(from, fromAt, contact.From, unit), Lane(to, toAt, contact.To, unit)))]);
    }

    /// <summary>Where a position of the fixed half lies in the drawing.</summary>
    public PointMm FromPosition(int position) => At(From, FromAt, position);

    /// <summary>Where a position of the other half lies in the drawing.</summary>
    public PointMm ToPosition(int position) => At(To, ToAt, position);

    // Two positions side by side stand at one height; their wires run a little apart, so that each can be followed.
    private static PointMm Lane(ConnectorScene connector, PointMm corner, int position, double unit)
    {
        var at = At(connector, corner, position);
        var beside = Math.Sign(Math.Round(connector.Positions[position - 1].X - (connector.Body.X / 2), 3));
        return at with { Y = at.Y + (beside * LaneShift * unit) };
    }

    private static PointMm At(ConnectorScene connector, PointMm corner, int position)
    {
        var place = connector.Positions[position - 1];
        return new PointMm(corner.X + place.X, corner.Y + place.Y);
    }
}
