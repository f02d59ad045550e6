namespace LooseGraft.Core.Tests.Cool;

/// <summary>A shell of one space with a board in it.</summary>
internal static class CoolBench
{
    public static readonly SpaceSize Large = new(new(400), new(300), new(200));

    /// <summary>A board that takes so many watts whatever it does, known to the last.</summary>
    public static Graft Heated(double watts, params AirWay[] ways) => Graft.Empty("test") with
    {
        Parts = [new Part("board", "board", PartKind.Board)],
        Loads = [Taking("board", watts)],
        Cooling = new Cooling
        {
            Room = Spread<Celsius>.Exactly(new(20)),
            Spaces = [new AirSpace("box", "box") { Size = Large }],
            Ways = [.. ways],
            Coolers = [new CoolerPlace("board") { Class = CoolerClass.Find("box-cooler"), Evidence = Evidence.Label }],
        },
    };

    public static Load Taking(string part, double watts) => new($"load-{part}", part)
    {
        Draws = [new Draw("+12 V", Exactly(watts), Exactly(watts), Exactly(watts), Evidence.Measured)],
    };

    public static Graft Cooled(this Graft graft, Func<Cooling, Cooling> change) => graft with { Cooling = change(graft.Cooling) };

    /// <summary>The same with a usual sort of cooler on its board.</summary>
    public static Graft Under(this Graft graft, string cooler)
        => graft.Cooled(cooling => cooling with { Coolers = [new CoolerPlace("board") { Class = CoolerClass.Find(cooler), Evidence = Evidence.Label }] });

    /// <summary>The same with a setting that holds its board.</summary>
    public static Graft Held(this Graft graft, double watts, Evidence evidence = Evidence.Assumed)
        => graft with { Loads = [graft.Loads[0] with { Cap = new PowerCap(new Known<Watts>(new(watts), evidence)) }, .. graft.Loads.Skip(1)] };

    /// <summary>The same with a board that takes so much less when it does nothing.</summary>
    public static Graft Idling(this Graft graft, double watts) => graft with
    {
        Loads = [graft.Loads[0] with { Draws = [graft.Loads[0].Draws[0] with { Idle = Exactly(watts) }] }, .. graft.Loads.Skip(1)],
    };

    /// <summary>One more part, with what it takes.</summary>
    public static Graft And(this Graft graft, string id, PartKind kind, double? watts = null) => graft with
    {
        Parts = graft.Parts.Add(new Part(id, id, kind)),
        Loads = watts is { } known ? graft.Loads.Add(Taking(id, known)) : graft.Loads,
    };

    /// <summary>A fan of 120 mm in a way.</summary>
    public static Graft Blown(this Graft graft, string way, AirDirection blows = AirDirection.Out, string id = "fan", double volts = 12)
        => graft.And(id, PartKind.Fan).Cooled(cooling => cooling with
        {
            Fans = cooling.Fans.Add(new FanPlace(id) { Way = way, Blows = blows, Size = new(120), Volts = new(volts) }),
        });

    /// <summary>A temperature read with a thermometer that touches, in a room of 20 °C; of the board where nothing else is named.</summary>
    public static Graft Read(this Graft graft, double hot, string? space = null, string? way = null, HeatCase work = HeatCase.Peak, double minutes = 30)
    {
        var (id, at) = ($"heat-{graft.Cooling.Readings.Length}", DateTimeOffset.UnixEpoch.AddHours(graft.Cooling.Readings.Length));
        var reading = new HeatReading(id, at, new(hot), work, new(minutes)) { Space = space, Way = way, Tool = HeatTool.Contact };
        if (space is null && way is null) reading = reading with { Part = "board" };
        return graft.Cooled(cooling => cooling with { Readings = cooling.Readings.Add(reading) });
    }

    public static AirWay Way(string id, double area, double height = 0, string? from = null, string? to = "box", AirCover cover = AirCover.Open)
        => new(id, id, from, to, new(area)) { Height = new(height), Cover = cover };

    private static Spread<Amps> Exactly(double watts) => Spread<Amps>.Exactly(new(watts / 12));
}
