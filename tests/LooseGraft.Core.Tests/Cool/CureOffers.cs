using LooseGraft.Core.Cool.Cures;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Cool.CoolBench;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>Changes that are offered, and what is told of them.</summary>
internal static class CureOffers
{
    public static CureList Cures(Graft graft, string part = "board")
    {
        var review = Core.Review.Of(graft);
        var spot = review.Cool.At(HeatCase.Peak).Spots.First(each => each.Spot.Part == part);
        return review.CuresFor(part, spot.Spot.Kind, new ReviewWork())!;
    }

    // What is offered to be tried, whatever comes of it.
    public static IEnumerable<string> Words(Graft graft, CureSort sort) => Offered(graft).Where(cure => cure.Sort == sort).Select(cure => cure.Words);

    public static IEnumerable<Cure> Offered(Graft graft)
    {
        var scene = CoolRest.Scene(graft);
        int[] ways = [.. Enumerable.Range(0, scene.Ways.Length)];
        var (part, air) = (PartCures.Of(graft, scene, scene.Spots[0]), AirCures.Of(graft, scene, ways, scene.Spots[0]));
        return part.Concat(air).Concat(FanCures.Of(graft, scene, ways, scene.Spots[0]));
    }

    public static Graft Demo(string name) => Core.Files.GraftFile.Read(File.ReadAllBytes(Path.Combine(House.Root.Folder("demo"), name + ".json"))).Graft!;

    public static Graft Planed(params Opening[] openings) => Heated(80) with
    {
        Seating = new Seating
        {
            Planes = [new MountPlane("tray", "tray", [.. new PlanRectangle(0, 0, 300, 200).Corners]) { Lid = new(100), Openings = [.. openings] }],
        },
        Cooling = new Cooling { Room = Spread<Celsius>.Exactly(new(20)), Coolers = [new CoolerPlace("board") { Class = CoolerClass.Find("box-cooler") }] },
    };

    public static Opening Hole(string id, PlaneWall wall, double side) => new(id, id, OpeningKind.Air, wall, new PlanRectangle(50, 10, side, side));
}
