using LooseGraft.Core.Tests.Seat;
using static LooseGraft.Core.Tests.Cool.CoolBench;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>For every rule of Cool a graft that fires it and a near one that does not.</summary>
internal static class CoolRuleExamples
{
    public static IEnumerable<KeyValuePair<string, (Graft Fires, Graft Quiet)>> All =>
    [
        // 15 K on 2.05 W/K.
        new("COOL-001", (Heated(30.8), Heated(30.7))),
        new("COOL-002", (Chip(131), Chip(129))),
        new("COOL-003", (Chip(151), Chip(149))),
        new("COOL-004", (Chip(171), Chip(169))),
        new("COOL-005", (Printed(49.9), Printed(50.1))),
        new("COOL-006", (Passive(), Passive().Blown("high"))),
        new("COOL-007", (Through().Blown("low", AirDirection.In).Blown("high", AirDirection.In, "other"),
            Through().Blown("low", AirDirection.In).Blown("high", AirDirection.Out, "other"))),
        new("COOL-008", (Beside(100, 300), Beside(290, 300))),
        new("COOL-009", (Through().Blown("high", volts: 6.99), Through().Blown("high", volts: 7))),
        new("COOL-010", (Glued(20), Glued(5))),
        new("COOL-011", (Supplied(45), Supplied(20))),
        new("COOL-012", (Filtered(AirFilter.Dirty), Filtered(AirFilter.Clean))),
        new("COOL-013", (Through() with { Loads = [] }, Through())),
        new("COOL-014", (Through().And("fan", PartKind.Fan), Through().Blown("high"))),
        new("COOL-015", (Supplied(20), Supplied(20, Way("low", 100), Way("high", 100, 300)))),
        new("COOL-016", (Through().Cooled(cooling => cooling with { Coolers = [] }), Through())),
        new("COOL-017", (Against(4), Against(12))),
        new("COOL-018", (Curved(10, 14), Curved(14, 10))),
        // 90 °C are worked out to the last digit; two deviations of what was read are 2 · √(1.5² + 2² + (0.05 · 79.4)²).
        new("COOL-019", (Chip(140).Read(99.5), Chip(140).Read(99.3))),
        new("COOL-020", (Chip(40).Read(78), Chip(40).Read(77))),
        new("COOL-021", (Chip(129).Read(85.1), Chip(129).Read(85))),
        // Watts over 1206 · 10 L/s are 20 K.
        new("COOL-022", (Thumbed(241.4), Thumbed(241.0))),
        new("COOL-023", (Walled(PlaneMaterial.Wood, 140), Walled(PlaneMaterial.Wood, 60))),
        new("COOL-024", (Holding(new(new(75), new(75)), new(new(76.1), new(75))), Holding(new(new(75), new(75)), new(new(76), new(75))))),
        new("COOL-025", (Holding(CoolerHold.Ties), Holding(CoolerHold.Bracket))),
        new("COOL-026", (Gapped(4.9), Gapped(5))),
    ];

    public static Graft Through(double watts = 40) => Heated(watts, Way("low", 150), Way("high", 150, 300));

    /// <summary>A chip on half a kelvin for each watt, outside the shell, so that nothing is unsure.</summary>
    public static Graft Chip(double watts) => Heated(watts).Cooled(cooling => cooling with
    {
        Places = [new HeatPlace("board", null)],
        Coolers = [cooling.Coolers[0] with { Share = 1, Resistance = Spread<KelvinsPerWatt>.Exactly(new(0.5)) }],
    });

    /// <summary>A fan that moves ten litres a second freely, judged by the thumb.</summary>
    public static Graft Thumbed(double watts) => Through(watts).Blown("high").Cooled(cooling => cooling with
    {
        School = HeatSchool.Thumb,
        Fans = [cooling.Fans[0] with { FreeAir = new(10), Blocked = new(20) }],
    });

    public static Graft Walled(PlaneMaterial material, double watts)
        => Heated(watts, Way("low", 20), Way("high", 20, 300)).Cooled(cooling => cooling with { Spaces = [cooling.Spaces[0] with { Material = material }] });

    public static Graft Holding(HolePattern board, HolePattern own)
        => Through().Cooled(cooling => cooling with { Coolers = [cooling.Coolers[0] with { BoardHoles = board, OwnHoles = own }] });

    public static Graft Holding(CoolerHold hold) => Through().Cooled(cooling => cooling with { Coolers = [cooling.Coolers[0] with { Hold = hold }] });

    private static Graft Gapped(double gap)
        => Through().Blown("high").Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { Gap = new(gap) }] });

    public static Graft Printed(double watts)
        => Through(50).Cooled(cooling => cooling with { ShellLimit = new Known<Watts>(new(watts), Evidence.Label) });

    public static Graft Passive() => Through(30).Cooled(cooling => cooling with
    {
        Ways = [Way("low", 20), Way("high", 20, 300)],
        Coolers = [cooling.Coolers[0] with { Class = CoolerClass.Find("tower-passive") }],
    });

    /// <summary>An outlet so far beside an intake, each of 80 by 80 mm, both in the rear.</summary>
    public static Graft Beside(double apart, double watts)
    {
        var graft = Heated(watts).And("fan", PartKind.Fan);
        return graft with
        {
            Seating = new Seating
            {
                Planes = [new MountPlane("box", "box", [.. new PlanRectangle(0, 0, 400, 300).Corners])
                {
                    Lid = new(200),
                    Openings = [Vent("in", 20), Vent("out", 20 + apart)],
                }],
            },
            Cooling = graft.Cooling with { Fans = [new FanPlace("fan") { Way = "box/out", Blows = AirDirection.Out, Size = new(80) }] },
        };

        static Opening Vent(string id, double x) => new(id, id, OpeningKind.Air, PlaneWall.Rear, new PlanRectangle(x, 20, 80, 80));
    }

    private static Graft Glued(double watts)
    {
        var graft = SeatBench.Seated(SeatBench.Tray() with { Lid = new(60) })
            .At(seat => seat with { Holes = [new HoleMounting(1, MountMethod.AdhesivePillar)] });
        return graft with { Loads = [Taking("board", watts)], Cooling = new Cooling { Room = Spread<Celsius>.Exactly(new(20)) } };
    }

    public static Graft Supplied(double watts, params AirWay[] ways) => Heated(watts, ways).And("supply", PartKind.Supply) with
    {
        Supplies = [new Supply("supply", "supply") { Rails = [new Rail(Bench.Signal("+12 V"), Bench.Limit(20))], Class = EfficiencyClass.Gold }],
        Loads = [Taking("board", watts) with { Meant = new MeantWay("supply") }],
    };

    private static Graft Filtered(AirFilter filter)
        => Heated(150, Way("low", 24) with { Filter = filter, Cover = AirCover.Mesh }, Way("high", 150, 300)).Blown("high");

    private static Graft Curved(double one, double other) => Through().Blown("high").Cooled(cooling => cooling with
    {
        Fans = [cooling.Fans[0] with { Curve = [new(new(0), new(20)), new(new(10), new(one)), new(new(15), new(other)), new(new(20), new(0))] }],
    });

    // A fan at the top blows in, against what rises: a strong one wins, a weak one wins only while the shell is cold.
    private static Graft Against(double volts) => Heated(120, Way("low", 100), Way("high", 100, 800)).Blown("high", AirDirection.In, volts: volts)
        .Cooled(cooling => cooling with { Spaces = [new AirSpace("box", "box")] });
}
