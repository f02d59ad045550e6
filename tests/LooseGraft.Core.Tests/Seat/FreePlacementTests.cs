using CsCheck;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Placing;
using LooseGraft.Core.Seat.Standing;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>Places on crowded trays: what stands in the way cuts into the tenths of a millimetre that a screw leaves.</summary>
public sealed class FreePlacementTests
{
    private static readonly double[] Turns = [0, 90, 180, 270];

    [Fact]
    public void No_free_shift_of_a_fine_grid_meets_more_holes_than_the_search_finds()
        => Gen.Int[0, int.MaxValue].Hold(Misses_nothing, iter: 500);

    // Free shifts in a strip 0.01 mm wide, and in one whose corner lies nearer to solder than a polygon is to its circle.
    [Theory]
    [InlineData(800414010)]
    [InlineData(494531907)]
    public void Misses_nothing(int seed)
    {
        var graft = Crowded(new Random(seed));
        var ways = Placements.Of(graft, "board", "tray");
        var best = ways.Where(IsUsable).Select(way => way.Met).DefaultIfEmpty(0).Max();
        foreach (var turn in Turns)
        {
            if (Better(graft, turn, best) is { } missed) Assert.Fail($"{seed}: {missed.Met} met at {missed.Seat.At}, turned {turn}, and {best} found");
        }
    }

    [Fact]
    public void Every_free_place_that_is_offered_passes_the_review()
        => Gen.Int[0, int.MaxValue].Hold(seed =>
        {
            var graft = Crowded(new Random(seed));
            foreach (var way in Placements.Of(graft, "board", "tray").Where(IsUsable))
            {
                var seated = graft with { Seating = graft.Seating.WithSeat(way.Seat) };
                var review = SeatStage.Review(seated);
                Assert.Equal(way.Met, review.Boards.Single(board => board.Board.Id == "board").Holes.Count(hole => hole.Mount is not null));
                var wrong = review.Findings.FirstOrDefault(finding => finding.Severity == Severity.Stop && finding.Rule != SeatRules.NothingHolds
                    || finding.Rule == SeatRules.Clash || finding.Rule == SeatRules.BoardBeyondPlane);
                Assert.True(wrong is null, $"{seed}: {wrong?.Message}");
            }
        }, iter: 200);

    // Turned so that a side of the ring, as the review draws it, lies where a mount reaches a little out of the ring; a bare zone covers most of that and
    // not all. Straight, so that a mount has a corner where another such zone ends, and beside a hole where it just leaves the ring.
    [Fact]
    public void What_the_search_calls_free_of_solder_is_free_of_it_to_the_review()
        => Gen.Select(Gen.Double[0.03, 0.07], Gen.Double[0, 0.001], Gen.Double[0.9998, 1.0004], Gen.Double[1, 5]).Hold((covered, beyond, near, half) =>
        {
            static BodyZone Bare(double x, double y, double width, double depth) => new(BodyZoneKind.BareBoard, "bare", new PlanRectangle(x, y, width, depth));
            var part = new Part("board", "board", PartKind.Board)
            {
                Body = Board().Body! with { Zones = [Bare(54, 30, 3, 10 + covered), Bare(0, 0, 30, 80)] },
                Holes = [new MountHole(50, 40, Mm(4)), new MountHole(70, 40, Mm(4))],
            };
            var graft = Graft.Empty("bare") with { Parts = [part], Seating = new Seating { Planes = [new MountPlane("tray", "tray", part.Body!.Outline)] } };
            var turned = SeatedBoard.At(graft, new BoardSeat("board", "tray", default, 180 / 128.0))!;
            IsFree(turned, turned.Seat.Place(new PlanPoint(54 + beyond, 40)), 1);
            var straight = SeatedBoard.At(graft, new BoardSeat("board", "tray", default, 0))!;
            IsFree(straight, new PlanPoint(30 - (near * half), 40), half);
            IsFree(straight, new PlanPoint(71, 40), 4 * near);
        }, iter: 500);

    private static void IsFree(SeatedBoard board, PlanPoint at, double half)
    {
        if (new BareSolder(board).IsOver(at, half)) return;
        var isInRing = Underside.IsInRing(board, Mount("m", at.X, at.Y) with { Across = Mm(2 * half) });
        Assert.All(board.Underside.Over(Shapes.DiscRound(at, half), isInRing), patch => Assert.False(patch.Conducts, $"{patch.Area.Area} mm² of solder"));
    }

    private static bool IsUsable(BoardPlacement way) => way is { IsSound: true, ToRemove: 0 };

    // A slow judge: every shift of a 0.1 mm grid within 1 mm of every one that brings a hole onto a mount. At quarter turns everything here is a rectangle or a
    // disc, so that it reckons with nothing but sides and corners; what it finds is laid before the review.
    private static BoardPlacement? Better(Graft graft, double turn, int best)
    {
        var seat = new BoardSeat("board", "tray", default, turn);
        var (board, tray) = (graft.FindPart("board")!, graft.Seating.Planes[0]);
        var pairs = (from hole in board.Holes
                     from mount in tray.Mounts
                     select (Hole: hole, mount.Id, Shift: mount.At - new PlanPoint(hole.X, hole.Y).Turned(turn))).ToArray();
        var (whole, solder) = (Pieces(board, seat, isSolder: false), Pieces(board, seat, isSolder: true));
        foreach (var pair in pairs)
        {
            var near = pairs.Where(other => Math.Abs(other.Shift.X - pair.Shift.X) < 1.6 && Math.Abs(other.Shift.Y - pair.Shift.Y) < 1.6).ToArray();
            if (near.DistinctBy(other => other.Hole).Count() <= best) continue;
            for (var step = 0; step < 441; step++)
            {
                var shift = pair.Shift + new PlanPoint(((step % 21) - 10) * 0.1, ((step / 21) - 10) * 0.1);
                var met = near.Where(other => other.Shift.To(shift) <= SeatedBoard.Slack(other.Hole, seat, tray)).ToArray();
                if (Math.Min(met.DistinctBy(other => other.Hole).Count(), met.DistinctBy(other => other.Id).Count()) <= best) continue;
                if (whole.Any(piece => Sticks(piece, shift, graft)) || tray.Mounts.Any(mount => solder.Any(
                    piece => Far(piece, mount.At - shift) < (mount.Across.Value / 2) - 1e-6)
                    && board.Holes.All(hole => seat.Place(new PlanPoint(hole.X, hole.Y)).To(mount.At - shift) > 5 - (mount.Across.Value / 2)))) continue;
                if (Placements.Judge(graft, seat with { At = shift }) is { } way && IsUsable(way) && way.Met > best) return way;
            }
        }

        return null;
    }

    private static bool Sticks(PlanRectangle piece, PlanPoint by, Graft graft)
    {
        var (left, rear, right, front) = (piece.X + by.X, piece.Y + by.Y, piece.X + by.X + piece.Width, piece.Y + by.Y + piece.Depth);
        var room = PlanRectangle.Round(graft.Seating.Planes[0].Outline);
        return left < room.X || rear < room.Y || right > room.X + room.Width || front > room.Y + room.Depth || graft.Seating.Boxes.Any(box
            => left < box.Area.X + box.Area.Width && right > box.Area.X && rear < box.Area.Y + box.Area.Depth && front > box.Area.Y);
    }

    private static double Far(PlanRectangle piece, PlanPoint at)
        => at.To(new PlanPoint(Math.Clamp(at.X, piece.X, piece.X + piece.Width), Math.Clamp(at.Y, piece.Y, piece.Y + piece.Depth)));

    // A rectangle, or the two of a notched board; of its solder what its bare zone leaves of them.
    private static PlanRectangle[] Pieces(Part board, BoardSeat seat, bool isSolder)
    {
        var outline = board.Body!.Outline;
        PlanRectangle[] pieces = outline.Length == 4
            ? [new(0, 0, outline[1].X, outline[2].Y)]
            : [new(0, 0, outline[1].X, outline[2].Y), new(0, outline[2].Y, outline[3].X, outline[4].Y - outline[2].Y)];
        if (isSolder) foreach (var zone in board.Body.Zones) pieces = [.. pieces.SelectMany(piece => Without(piece, zone.Area))];
        return [.. pieces.Select(piece => PlanRectangle.Round([.. piece.Corners.Select(seat.Place)]))];
    }

    private static IEnumerable<PlanRectangle> Without(PlanRectangle piece, PlanRectangle zone)
    {
        var (low, high) = (Math.Clamp(zone.Y, piece.Y, piece.Y + piece.Depth), Math.Clamp(zone.Y + zone.Depth, piece.Y, piece.Y + piece.Depth));
        var (left, right) = (Math.Clamp(zone.X, piece.X, piece.X + piece.Width), Math.Clamp(zone.X + zone.Width, piece.X, piece.X + piece.Width));
        return new[]
        {
            piece with { Depth = low - piece.Y }, piece with { Y = high, Depth = piece.Y + piece.Depth - high },
            new PlanRectangle(piece.X, low, left - piece.X, high - low), new PlanRectangle(right, low, piece.X + piece.Width - right, high - low),
        }.Where(part => part.Width > 0 && part.Depth > 0);
    }

    // Up to five holes and ten mounts, of which most fit the board at one shift, give or take; boxes and walls are brought up to it as close as screws allow.
    private static Graft Crowded(Random random)
    {
        double Off(double most) => ((random.NextDouble() * 2) - 1) * most;
        var (width, depth) = (60 + (random.NextDouble() * 60), 50 + (random.NextDouble() * 50));
        var turn = Turns[random.Next(4)];
        var holes = Enumerable.Range(0, random.Next(2, 6)).Select(_ => new MountHole(
            6 + (random.NextDouble() * (width - 12)), 6 + (random.NextDouble() * (depth - 12)), Mm(3.6 + (random.NextDouble() * 0.8)))).ToArray();
        PlanPoint[] outline = random.Next(3) > 0
            ? new PlanRectangle(0, 0, width, depth).Corners
            : [new(0, 0), new(width, 0), new(width, depth * 0.6), new(width * 0.7, depth * 0.6), new(width * 0.7, depth), new(0, depth)];
        var zones = random.Next(2) == 0 ? [] : new[] { new BodyZone(BodyZoneKind.BareBoard, "bare", new PlanRectangle(width * 0.3, depth * 0.3, 20, 20)) };
        var board = new Part("board", "board", PartKind.Board)
        {
            Body = new PartBody([.. outline], Evidence.Measured) { Zones = [.. zones] },
            Holes = [.. holes],
        };
        var seat = new BoardSeat("board", "tray", new PlanPoint(150, 150), turn);
        var covered = PlanRectangle.Round([.. outline.Select(seat.Place)]);
        var mounts = holes.Where(_ => random.Next(6) > 0).Select(hole => seat.Place(new PlanPoint(hole.X, hole.Y)) + new PlanPoint(Off(0.7), Off(0.7)))
            .Concat(Enumerable.Range(0, random.Next(5))
                .Select(_ => new PlanPoint(covered.X + (random.NextDouble() * covered.Width), covered.Y + (random.NextDouble() * covered.Depth))))
            .Select((at, index) => Mount($"s{index}", at.X, at.Y) with { Across = Mm(random.Next(4) == 0 ? 9.4 : 6) });
        // Close by the board at that shift, give or take half a millimetre.
        var right = covered.X + covered.Width + Off(0.5);
        var boxes = new[]
        {
            Box("right", right, covered.Y, 20, 40, 40), Box("front", covered.X - 10, covered.Y + covered.Depth + Off(0.5), 50, 20, 40),
            Box("left", covered.X - 20 + Off(0.5), covered.Y + 20, 20, 30, 40),
        }.Where(_ => random.Next(2) == 0).ToArray();
        var room = random.Next(2) == 0 ? new PlanRectangle(0, 0, 400, 400)
            : new PlanRectangle(covered.X + Off(0.5), covered.Y + Off(0.5), covered.Width + Off(0.4), covered.Depth + Off(0.4));
        return Graft.Empty("crowded") with
        {
            Parts = [board],
            Seating = new Seating { Planes = [new MountPlane("tray", "tray", [.. room.Corners]) { Mounts = [.. mounts] }], Boxes = [.. boxes] },
        };
    }
}
