using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Clashes;

/// <summary>
/// Proposes to turn by a quarter what is in the way, about its middle or one of its corners, where every rule of Seat then has nothing to tell that it did
/// not tell before.
/// </summary>
internal static class QuarterTurn
{
    // Of hundreds of clashes the rest is mended first; each place that is asked about takes a review of Seat.
    private const int MostTurned = 8;
    private const int MostAsked = 8;

    // What is nearly square gains nothing.
    private const double SquareMm = 0.5;
    private const double RoundingMm = 1e-6;

    /// <summary>The findings, those of the worst clashes with such a turn before what else would mend them.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="seat">What is concluded of it.</param>
    public static ImmutableArray<Finding> Proposed(Graft graft, SeatReview seat)
    {
        var findings = seat.Findings;
        var left = MostAsked;
        foreach (var clash in seat.Clashes.Take(MostTurned))
        {
            if (findings.FirstOrDefault(finding => IsOf(finding, clash)) is not { } told) continue;
            string[] turns = [.. Words(graft, seat, clash.Other, ref left), .. Words(graft, seat, clash.One, ref left)];
            if (turns.Length > 0) findings = findings.Replace(told, told with { Remedies = [.. turns, .. told.Remedies] });
        }

        return findings;
    }

    private static bool IsOf(Finding finding, Clash clash) => finding.Case switch
    {
        SameRoom same => same.One == clash.One.Id && same.Other == clash.Other.Id,
        TooClose close => close.One == clash.One.Id && close.Other == clash.Other.Id,
        _ => false,
    };

    private static string[] Words(Graft graft, SeatReview seat, SolidBody body, ref int left)
        => Of(graft, seat, body, ref left) is { } turned
            ? [FormattableString.Invariant($"turn {body.Name} by a quarter, with its corner at {turned.X:0.#} and {turned.Y:0.#}: then nothing is in its way")] : [];

    private static PlanRectangle? Of(Graft graft, SeatReview seat, SolidBody body, ref int left)
    {
        if (body.Kind != BodyKind.Box || body.Box is not { IsRound: false, IsMains: false } box || graft.Seating.FindPlane(box.On) is not { } plane
            || box.On != body.Plane || Math.Abs(box.Area.Width - box.Area.Depth) < SquareMm) return null;
        // Whether anything stands in the way is soon seen; the rules are asked about those places alone where nothing does.
        foreach (var place in Turned(box.Area).Where(place => Holds(plane.Bounds, place)
            && seat.Bodies.All(other => other.Id == body.Id || Clash.Between(Moved(body, place), other) is null)))
        {
            if (left-- <= 0) return null;
            if (Candidate.Of(graft, seat, box with { Area = place }) is { Comes.IsEmpty: true, Clashes.IsEmpty: true }) return place;
        }

        return null;
    }

    private static PlanRectangle[] Turned(PlanRectangle area)
    {
        var (width, depth) = (area.Depth, area.Width);
        return
        [
            new(area.Middle.X - (width / 2), area.Middle.Y - (depth / 2), width, depth),
            .. from x in new[] { area.X, area.X + area.Width - width }
               from y in new[] { area.Y, area.Y + area.Depth - depth }
               select new PlanRectangle(x, y, width, depth),
        ];
    }

    private static SolidBody Moved(SolidBody body, PlanRectangle place)
        => new(body.Name, body.Id, body.Owner, body.Plane, [.. place.Corners], body.From, body.To, body.Clearance, body.Kind, body.Box);

    private static bool Holds(PlanRectangle room, PlanRectangle place)
        => place.X >= room.X - RoundingMm && place.Y >= room.Y - RoundingMm && place.X + place.Width <= room.X + room.Width + RoundingMm
            && place.Y + place.Depth <= room.Y + room.Depth + RoundingMm;
}
