using System.Text;
using System.Text.Json.Nodes;
using CsCheck;
using LooseGraft.Core.Files;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>How places are written and read, and what is said of those that will not do.</summary>
public sealed class SeatFileTests
{
    private static readonly Gen<double> Figure = Gen.Double[-500, 500].Select(value => Math.Round(value, 2) + 0.0);
    private static readonly Gen<double> Size = Gen.Double[0.1, 300].Select(value => Math.Round(value, 2));
    private static readonly Gen<PlanRectangle> Area = Gen.Select(Figure, Figure, Size, Size)
        .Select((x, y, width, depth) => new PlanRectangle(x, y, width, depth));

    private static readonly Gen<Mount> AnyMount = Gen.Select(Gen.Enum<MountKind>(), Figure, Figure, Size, Gen.Enum<MountState>(), Gen.Bool)
        .Select((kind, x, y, height, state, metal)
        => new Mount("m", kind, new PlanPoint(x, y), Mm(height)) { State = state, IsMetal = metal, Evidence = Evidence.Label });

    private static readonly Gen<Opening> AnyOpening = Gen.Select(Gen.Enum<OpeningKind>(), Gen.Enum<PlaneWall>(), Area, Gen.Bool)
        .Select((kind, wall, area, cut) => new Opening("o", "opening", kind, wall, area) { IsToCut = cut });

    [Fact]
    public void What_is_placed_comes_back_the_same()
        => Gen.Select(AnyMount.Array[0, 4], AnyOpening.Array[0, 3], Area, Figure, Gen.Enum<MountMethod>(), Gen.Enum<IoPlate>())
            .Hold((mounts, openings, area, turn, method, plate) =>
        {
            var plane = Tray() with
            {
                Mounts = [.. mounts.Index().Select(pair => pair.Item with { Id = $"m{pair.Index}" })],
                Openings = [.. openings.Index().Select(pair => pair.Item with { Id = $"o{pair.Index}" })],
                Ceilings = [new Ceiling("brace", area, Mm(40))],
                Lid = Mm(70),
            };
            var graft = Seated(plane, Board(Socket("usb", 30, 0, PortFacing.Rear)))
                .At(seat => seat with { TurnDegrees = turn % 360, Holes = [new HoleMounting(2, method)], Plate = plate })
                .With(Box("box", area.X, area.Y, area.Width, area.Depth, 12, on: "board") with { IsHot = true, Part = "board" })
                .With(Run(1, 2, 3, 4, 300) with { From = new RunEnd(new PortId("board", "usb"), default, 5), IsMakersOwn = true });
            graft = graft with { Seating = graft.Seating with { Surveys = [Survey("board", "h1 left near 3.2", "h1 h2 5 3/4 in")] } };
            var written = GraftFile.Write(graft);
            var read = GraftFile.Read(written);
            Assert.Empty(read.Errors);
            Assert.Equal(written, GraftFile.Write(read.Graft!));
            Assert.Equal(graft.Seating.Planes[0].Mounts, read.Graft!.Seating.Planes[0].Mounts);
            Assert.Equal(graft.Seating.Planes[0].Openings, read.Graft.Seating.Planes[0].Openings);
            Assert.Equal(graft.Seating.Boxes, read.Graft.Seating.Boxes);
            Assert.Equal(graft.Seating.Runs, read.Graft.Seating.Runs);
            Assert.Equal(graft.Seating.Surveys[0].Spans, read.Graft.Seating.Surveys[0].Spans);
        }, iter: 60);

    [Theory]
    [InlineData("planes[0].outline", "[[0, 0], [10, 0]]", "$.seating.planes[0].outline", "three or more")]
    [InlineData("planes[0].outline", "[[0, 0], [10, 0], [20, 0]]", "$.seating.planes[0].outline", "corners in order round it")]
    [InlineData("planes[0].outline", "[[0, 0], [10, 0], [10]]", "$.seating.planes[0].outline[2]", "a list of 2 numbers")]
    [InlineData("planes[0].outline", "[[0, 0], [10, 0], [10, 1e309]]", "$.seating.planes[0].outline[2][1]", "a number from -10000 to 10000")]
    [InlineData("planes[0].outline", "[[0, 0], [10, 0], \"here\"]", "$.seating.planes[0].outline[2]", "a list of 2 numbers")]
    [InlineData("planes[0].id", "\"board\"", "$.seating.planes", "an id that no part has")]
    [InlineData("planes[0].lidMm", "-1", "$.seating.planes[0].lidMm", "a number from 0 to 10000")]
    [InlineData("planes[0].material", "\"cheese\"", "$.seating.planes[0].material", "steel")]
    [InlineData("planes[0].mounts[0].kind", "\"pillar\"", "$.seating.planes[0].mounts[0].kind", "standoff")]
    [InlineData("planes[0].mounts[0].id", "\"s2\"", "$.seating.planes[0].mounts[1]", "each once")]
    [InlineData("seats[0].part", "\"ghost\"", "$.seating.seats[0].part", "the id of a part")]
    [InlineData("seats[0].plane", "\"ghost\"", "$.seating.seats[0].plane", "the id of a plane")]
    [InlineData("seats[0].turnDegrees", "400", "$.seating.seats[0].turnDegrees", "a number from -360 to 360")]
    [InlineData("boxes[0].on", "\"ghost\"", "$.seating.boxes[0].on", "the id of a plane or of a seated board")]
    [InlineData("boxes[0].part", "\"ghost\"", "$.seating.boxes[0].part", "the id of a part")]
    [InlineData("boxes[0].area", "[0, 0, 0, 10]", "$.seating.boxes[0].area[2]", "a number from 0.1 to 10000")]
    [InlineData("runs[0].plane", "\"ghost\"", "$.seating.runs[0].plane", "the id of a plane")]
    [InlineData("runs[0].from", "{\"port\": \"board/ghost\"}", "$.seating.runs[0].from.port", "a port in this file")]
    [InlineData("surveys[0].of", "\"ghost\"", "$.seating.surveys[0].of", "the id of a part or of a plane")]
    [InlineData("surveys[0].spans[0].from", "\"Hole 1\"", "$.seating.surveys[0].spans[0].from", "a point such as h1")]
    public void What_will_not_do_is_named_by_its_place_with_what_is_allowed(string member, string value, string place, string allowed)
    {
        var graft = Seated().With(Box("box", 10, 10, 20, 20, 5) with { Part = "board" }).With(Run(1, 2, 3, 4));
        graft = graft with { Seating = graft.Seating with { Surveys = [Survey("board", "h1 left 5")] } };
        var root = JsonNode.Parse(GraftFile.Write(graft))!;
        Set(root["seating"]!, member, JsonNode.Parse(value.Replace("1e309", "100000", StringComparison.Ordinal))!);
        var errors = GraftFile.Read(Encoding.UTF8.GetBytes(root.ToJsonString())).Errors;
        Assert.Contains(errors, error => error.Path == place && error.Allowed.Contains(allowed, StringComparison.Ordinal));
    }

    [Fact]
    public void Ten_thousand_boxes_and_corners_are_refused_and_not_read()
    {
        var root = JsonNode.Parse(GraftFile.Write(Seated()))!;
        root["seating"]!["boxes"] = new JsonArray([.. Enumerable.Range(0, 10_000).Select(_ => (JsonNode)new JsonObject())]);
        root["seating"]!["planes"]![0]!["outline"] = new JsonArray([.. Enumerable.Range(0, 10_000).Select(_ => (JsonNode)new JsonArray(0, 0))]);
        var errors = GraftFile.Read(Encoding.UTF8.GetBytes(root.ToJsonString())).Errors;
        Assert.Contains(errors, error => error.Path == "$.seating.boxes" && error.Allowed == "at most 300");
        Assert.Contains(errors, error => error.Path == "$.seating.planes[0].outline" && error.Allowed == "at most 200");
    }

    [Fact]
    public void A_graft_without_anything_placed_says_nothing_of_it()
        => Assert.DoesNotContain("seating", Encoding.UTF8.GetString(GraftFile.Write(Graft.Empty("bare"))));

    // Sets “planes[0].mounts[1].kind”.
    private static void Set(JsonNode node, string path, JsonNode value)
    {
        var steps = path.Split(['.', '[', ']'], StringSplitOptions.RemoveEmptyEntries);
        foreach (var step in steps[..^1]) node = (int.TryParse(step, out var index) ? node[index] : node[step])!;
        node[steps[^1]] = value;
    }
}
