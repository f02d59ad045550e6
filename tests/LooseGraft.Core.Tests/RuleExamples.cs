using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests;

/// <summary>For every rule a graft that fires it and a near one that does not.</summary>
internal static class RuleExamples
{
    private static readonly Dictionary<string, (Graft Fires, Graft Quiet)> Examples = new(
        [.. Seat.SeatRuleExamples.All, .. Circuit.CircuitRuleExamples.All, .. Cool.CoolRuleExamples.All,
        .. Buy.BuyRuleExamples.All])
    {
        ["STOCK-001"] = (Answered(new CaseAnswer(CaseDuty.CoolerMount, true)), Answered(new CaseAnswer(CaseDuty.CoolerMount, true) { MetBy = "board" })),
        ["STOCK-002"] = (Answered(new CaseAnswer(CaseDuty.Speaker, true) { LeftOff = "-" }),
            Answered(new CaseAnswer(CaseDuty.Speaker, true) { LeftOff = "no beeps at the start" })),
        ["STOCK-003"] = (Donor(), Donor() with { OldCase = [.. Enum.GetValues<CaseDuty>().Select(duty => new CaseAnswer(duty, false))] }),
        ["STOCK-004"] = (Donor(revision: Evidence.Assumed), Donor(revision: Evidence.Label)),
        ["PROVE-001"] = (Donor() with { Readings = [OnSecondPin("beep")] }, Donor() with { Readings = [OnSecondPin("no beep")] }),
        ["PROVE-002"] = (Donor() with { Readings = [OnSecondPin("no beep"), OnSecondPin("beep") with { Id = "again" }] },
            Donor() with { Readings = [OnSecondPin("no beep"), OnSecondPin("no beep") with { Id = "again" }] }),
        ["PROVE-003"] = (Spliced(), Spliced() with { Observations = [new Observation(default, WatchPoint.Picture, true)] }),
        ["PROVE-004"] = (Donor() with { Observations = [new Observation(default, WatchPoint.Picture, false)] },
            Donor() with { Observations = [new Observation(default, WatchPoint.Fans, false)] }),
        ["WIRE-001"] = (Wired("ground,ground", "blocked,ground"), Wired("absent,ground", "blocked,ground")),
        ["WIRE-002"] = (Joined(Needing("panel-sense"), Plug("none")), Joined(Needing("panel-sense"), Plug("panel-sense"))),
        ["WIRE-003"] = (Joined(Header("usb1-data+"), Plug("unwired")), Joined(Header("none"), Plug("unwired"))),
        ["WIRE-010"] = (Joined(Header("+5 V"), Plug("ground")), Joined(Header("+5 V"), Plug("+5 V"))),
        ["WIRE-011"] = (Joined(Header("+12 V"), Plug("+5 V")), Joined(Header("+5.1 V"), Plug("+5 V"))),
        ["WIRE-012"] = (Joined(Header("+12 V"), Plug("fan-tacho")), Joined(Header("fan-tacho"), Plug("fan-tacho"))),
        ["WIRE-013"] = (Joined(Header("serial-transmit"), Plug("serial-transmit")), Joined(Header("serial-transmit"), Plug("serial-receive"))),
        ["WIRE-014"] = (Joined(Header("power-switch"), Plug("ground")), Joined(Header("ground"), Plug("power-switch"))),
        ["WIRE-015"] = (Joined(Header("power-light+"), Plug("power-light-")), Joined(Header("power-light+"), Plug("power-light+"))),
        ["WIRE-016"] = (Joined(Header("power-switch"), Plug("reset-switch")), Joined(Header("power-switch"), Plug("power-switch"))),
        ["WIRE-017"] = (Joined(At(5, "clock"), AtPlug(3.3, "clock")), Joined(At(3.3, "clock"), AtPlug(3.3, "clock"))),
        ["WIRE-020"] = (Joined(Header("power-switch,+5 V", evidence: Evidence.Diagram), Plug("power-switch,unwired")),
            Joined(Header("power-switch,+5 V"), Plug("power-switch,unwired"))),
        ["WIRE-018"] = (Joined(Header("none"), Plug("+5 V")), Joined(Header("+5 V"), Plug("+5 V"))),
        ["WIRE-019"] = (Joined(Header("+5 V"), Plug("+12 V")), Joined(Header("+12 V"), Plug("+12 V"))),
        ["WIRE-021"] = (Joined(Header("+5 V,ground"), Plug("+5 V,ground"), JointMethod.Splice, (1, 1)),
            Joined(Header("+5 V,ground"), Plug("+5 V,ground"), JointMethod.Splice, (1, 1), (2, 2))),
        ["WIRE-022"] = (BetweenSupplies(3), BetweenSupplies(2)),
        ["WIRE-023"] = (Labelled("+5 V"), Labelled("+12 V")),
        ["WIRE-030"] = (Joined(Header("ground"), Header("ground") with { Id = "other" }), Joined(Header("ground"), Plug("ground"))),
        ["WIRE-031"] = (Joined(Header("ground,ground,ground"), Plug("ground,ground,ground") with { OwnPitch = new Millimetres(2) }),
            Joined(Header("ground,ground,ground"), Plug("ground,ground,ground") with { OwnPitch = new Millimetres(2.5) })),
        ["WIRE-032"] = (Joined(Header("ground,ground", "power-block"), Plug("ground,ground")), Joined(Header("ground,ground"), Plug("ground,ground"))),
        ["WIRE-033"] = (Joined(Header("ground,ground", "shrouded-header"), Plug("ground,ground", rows: 2)),
            Joined(Header("ground,ground"), Plug("ground,ground", rows: 2))),
        ["WIRE-034"] = (Joined(Header("+5 V,ground"), Plug("+5 V,ground")),
            Joined(Header("+5 V,ground", "shrouded-header"), Plug("+5 V,ground", "shrouded-header"))),
        ["WIRE-035"] = (Joined(Header("ground"), Plug("ground"), JointMethod.Splice), Joined(Header("ground"), Plug("ground"), JointMethod.Splice, (1, 1))),
        ["WIRE-036"] = (WithoutReason(), Joined(Header("ground"), Plug("ground"), JointMethod.LeaveOff)),
        ["WIRE-037"] = (Twice(1), Twice(2)),
        ["WIRE-040"] = (Wired("ground", "ground"), Joined(Header("ground"), Plug("ground"))),
        ["WIRE-041"] = (Read(beeped: false), Read(beeped: true)),
        ["WIRE-042"] = (Drawing(30), Drawing(3)),
        ["WIRE-050"] = (Linked(LinkKind.Momentary, "+5 V,ground"), Linked(LinkKind.Momentary, "power-switch,ground")),
        ["WIRE-051"] = (Crossed(201), Crossed(10)),
        ["WIRE-060"] = (Joined(Header("usb1-data+,usb1-data-,usb2-data+,usb2-data-"), Plug("usb1-data+,usb2-data-,usb2-data+,usb1-data-")),
            Joined(Header("usb1-data+,usb1-data-"), Plug("usb2-data+,usb2-data-"))),
        ["WIRE-061"] = (Joined(Header("usb1-data+,usb1-data-"), Plug("usb1-data+,usb1-data-")),
            Joined(Header("usb1-data+,usb1-data-,ground"), Plug("usb1-data+,usb1-data-,ground"))),
        ["WIRE-062"] = (Joined(Header("usb1-data+,usb1-data-,usb1-rx+"), Plug("usb1-data+,usb1-data-,none")),
            Joined(Header("usb1-data+,usb1-data-,usb1-rx+"), Plug("usb1-data+,usb1-data-,usb1-rx+"))),
        ["WIRE-063"] = (OnFan("ground,+12 V,fan-tacho,fan-control", "ground,+12 V,fan-tacho"),
            OnFan("ground,+12 V,fan-tacho,fan-control", "ground,+12 V,fan-tacho,fan-control")),
        ["WIRE-064"] = (OnFan("ground,+12 V,fan-tacho", "ground,+12 V"), OnFan("ground,+12 V", "ground,+12 V")),
        ["WIRE-065"] = (OnFan("ground,+12 V,fan-tacho", "ground,+12 V,fan-tacho", amps: 0.6),
            OnFan("ground,+12 V,fan-tacho", "ground,+12 V,fan-tacho", amps: 0.5)),
        ["WIRE-066"] = (Sound(), Sound() with { Joints = [Sound().Joints[0] with { Ties = [new LeadTie(new LeadEnd(true, 1), new LeadEnd(true, 3))] }] }),
        ["WIRE-067"] = (SharingSupply("board", "shell"), SharingSupply("board")),
        ["WIRE-068"] = (WithOther("+12 V,ground"), WithOther("ground,+12 V")),
        ["WIRE-069"] = (Joined(Header("composite-video,ground"), Plug("vga-red,ground")),
            Joined(Header("composite-video,ground"), Plug("composite-video,ground"))),
        ["FEED-001"] = (Fed(SmallSupply(), Draw("+12 V", 11)), Fed(SmallSupply(), Draw("+12 V", 9))),
        ["FEED-002"] = (Fed(SmallSupply(), Draw("+5 V", 8), Draw("+3.3 V", 8)), Fed(SmallSupply(), Draw("+5 V", 8), Draw("+3.3 V", 5))),
        ["FEED-003"] = (Fed(SmallSupply(), Draw("+12 V", 9.5), Draw("+5 V", 9)), Fed(SmallSupply(), Draw("+12 V", 9.5), Draw("+5 V", 5))),
        ["FEED-004"] = (Fed(SmallSupply(), Draw("-12 V", 0.1)), Fed(SmallSupply(), Draw("+3.3 V", 0.1))),
        ["FEED-005"] = (Fed(SmallSupply(), Draw("+5 V", -1)), Fed(SmallSupply(), Draw("+5 V", 0))),
        ["FEED-006"] = (Fed(SmallSupply(), Draw("+5 V", 75)), Fed(SmallSupply(), Draw("+5 V", 59))),
        ["FEED-007"] = (Fed(SmallSupply(), Draw("+12 V", 7, Evidence.Assumed)), Fed(SmallSupply(), Draw("+12 V", 7, Evidence.Label))),
        ["FEED-008"] = (Ring("supply"), Ring(null)),
        ["FEED-009"] = (OnPlug("peripheral-power-4", "+3.3 V", 1), OnPlug("drive-power-15", "+3.3 V", 1)),
        ["FEED-010"] = (SamePlug("plugs/a", "plugs/a"), SamePlug("plugs/a", "plugs/b")),
        ["FEED-011"] = (OnPlug("power-block", "+12 V", 8), OnPlug("power-block", "+12 V", 6)),
        ["FEED-012"] = (OnPlug("drive-power-15", "+12 V", 3.1), OnPlug("drive-power-15", "+12 V", 2.9)),
        ["FEED-013"] = (Onward(1.2), Onward(0.8)),
        ["FEED-014"] = (OnPlug("power-block", "+12 V", 6, lengthMm: 1800), OnPlug("power-block", "+12 V", 6, lengthMm: 1200)),
        ["FEED-015"] = (Wanting("drive-power-15"), Wanting("peripheral-power-4")),
        ["FEED-016"] = (Fed(SmallSupply() with { AgeYears = 15 }, Draw("+12 V", 9), Draw("+5 V", 6)), Fed(SmallSupply(), Draw("+12 V", 9), Draw("+5 V", 6))),
        ["FEED-017"] = (Fed(SmallSupply() with { Total = new TotalLimit(new(new Watts(200), Evidence.Label)) }), Fed(SmallSupply())),
        ["FEED-018"] = (AtWall(140), AtWall(85)),
        ["FEED-019"] = (Fed(SmallSupply(), Draw("+12 V", 9), Draw("+5 V", 4)), Fed(SmallSupply(), Draw("+12 V", 8), Draw("+5 V", 4))),
        ["FEED-020"] = (Fed(SmallSupply(), Draw("+12 V", 1)), OnPlug("power-block", "+12 V", 1)),
        ["FEED-023"] = (Fed(SmallSupply(), Draw("+12 V", 8.1)), Fed(SmallSupply(), Draw("+12 V", 7.9))),
        ["FEED-024"] = (Undrawn(), Undrawn() with { Loads = [Hung("load", "board", "supply") with { Draws = [Draw("+12 V", 1)] }] }),
        ["FEED-022"] = (AtWall(85) is var read ? read with { Supplies = [.. read.Supplies, SmallSupply() with { Id = "other" }] } : read, AtWall(85)),
        ["FEED-021"] = (Fed(SmallSupply(), Draw("+12 V", 1) with { Idle = Currents(0.6, 0.6, 0.6) }), Fed(SmallSupply(), Draw("+12 V", 1))),
        ["FEED-025"] = (OnSecondRail(), OnSecondRail("12V2")),
        ["FEED-026"] = (OnPlug("peripheral-power-4", "+12 V", 9, lengthMm: 3000, awg: 30), OnPlug("peripheral-power-4", "+12 V", 1, lengthMm: 3000, awg: 30)),
        ["FEED-027"] = (Held(90), Held(150)),
    };

    /// <summary>The graft that fires each rule.</summary>
    public static IEnumerable<(string Code, Graft Graft)> Firing => Examples.Select(example => (example.Key, example.Value.Fires));

    /// <summary>Everything concluded of an example, on the day and with the bin by which examples are tried.</summary>
    public static Review Seen(Graft graft) => Review.Of(graft).SeenFrom(Buy.BuyBench.Around);

    /// <summary>The grafts of one rule.</summary>
    public static (Graft Fires, Graft Quiet) Of(string code) => Examples[code];

    private static Graft Crossed(int wires)
        => Joined(Header(string.Join(',', Enumerable.Repeat("+5 V", wires))), Plug(string.Join(',', Enumerable.Repeat("ground", wires))), JointMethod.Rebuild,
            [.. Enumerable.Range(1, wires).Select(position => (position, position))]);

    // A 12 V fan on a supply of +12 V, ground and +5 V, its return led to one of them.
    private static Graft BetweenSupplies(int back)
        => Joined(Header("+12 V,ground,+5 V"), Plug("+12 V,ground"), JointMethod.Splice, (1, 1), (back, 2))
            .WithPart("board", part => part with { Kind = PartKind.Supply }).WithPart("shell", part => part with { Kind = PartKind.Fan });

    private static Graft Labelled(string label) => Joined(Header("+12 V"), Plug(label)).WithPart("shell", part => part with { Kind = PartKind.Lead });

    private static Graft Wired(string header, string plug) => Joined(Header(header), Plug(plug), JointMethod.Splice, (1, 1));

    private static Graft OnFan(string header, string plug, double amps = 0.1)
        => Joined(Header(header, "fan-4"), Plug(plug, "fan-4")).WithPart("shell", part => part with { Kind = PartKind.Fan }) with
        {
            Loads = [new Load("fan", "shell") { Draws = [Draw("+12 V", amps)] }],
        };

    private static Graft Sound() => Joined(Header("audio-presence,line-left,ground"), Plug("none,line-left,ground"));

    private static Graft SharingSupply(params string[] parts)
        => Sound() with { Supplies = [SmallSupply() with { Part = "board" }], Loads = [.. parts.Select(part => Hung(part, part, "supply"))] };

    private static Graft WithOther(string signals)
        => Joined(Header("ground,+12 V"), Plug("ground,+12 V"))
            .WithPart("board", part => part with { Ports = part.Ports.Add(Header(signals) with { Id = "other", Name = "other" }) });

    private static Graft Ring(string? back)
    {
        var graft = Fed(SmallSupply() with { Meant = back is null ? null : new MeantInput("other", "+12 V") }, Draw("+12 V", 1));
        return graft with { Supplies = graft.Supplies.Add(SmallSupply() with { Id = "other", Part = "board", Meant = new MeantInput("supply", "+12 V") }) };
    }

    private static SupplyLead Plugs(string connector, double? lengthMm = null)
        => new("plugs", "drive string")
        {
            Length = lengthMm is { } length ? new Millimetres(length) : null,
            Plugs = [new SupplyPlug("a", ConnectorTypes.Find(connector)!), new SupplyPlug("b", ConnectorTypes.Find(connector)!)],
        };

    private static Graft OnSecondRail(params string[] said)
    {
        var lead = Plugs("cpu-power-8") with { Rails = [.. said] };
        ValueList<Rail> rails = [new Rail(Signal("+12 V"), Limit(10)) { Label = "12V1" }, new Rail(Signal("+12 V"), Limit(10)) { Label = "12V2" }];
        var graft = Fed(SmallSupply() with { Rails = rails, Combined = [], Leads = [lead] }, Draw("+12 V", 5));
        return graft with { Loads = [graft.Loads[0].At("plugs/a")] };
    }

    private static Graft Held(double watts)
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 12));
        return graft with { Loads = [graft.Loads[0] with { Cap = new PowerCap(new(new Watts(watts), Evidence.Document)) }] };
    }

    private static Graft OnPlug(string connector, string rail, double amps, double? lengthMm = null, int awg = 18)
    {
        var graft = Fed(SmallSupply() with { Leads = [Plugs(connector, lengthMm) with { Awg = awg }] }, Draw(rail, amps) with { HoldsPower = true });
        return graft with { Loads = [graft.Loads[0].At("plugs/a")] };
    }

    private static Graft SamePlug(string one, string other)
    {
        var graft = Fed(SmallSupply() with { Leads = [Plugs("drive-power-15")] });
        return graft with { Loads = [Hung("one", "board", "supply").At(one), Hung("other", "supply", "supply").At(other)] };
    }

    private static Graft Onward(double amps)
    {
        var graft = Fed(SmallSupply()).WithPart("board", part => part with { Ports = [Header("ground,+12 V", "fan-3")] });
        return graft with
        {
            Parts = graft.Parts.Add(new Part("fan", "fan", PartKind.Fan)),
            Loads = [Hung("fan", "fan", "supply").At(new PortId("board", "header")) with { Draws = [Draw("+12 V", amps) with { Start = Currents(0, 0, 0) }] }],
        };
    }

    private static Graft Wanting(string plug)
    {
        var graft = Fed(SmallSupply() with { Leads = [Plugs(plug)] });
        return graft with
        {
            Parts = graft.Parts.Add(
            new Part("drive", "drive", PartKind.Drive) { Ports = [new Port("power", "power socket", ConnectorTypes.Find("peripheral-power-4")!, Gender.Male)] })
        };
    }

    private static Graft Undrawn()
        => Fed(SmallSupply()).WithPart("board", part => part with { Ports = [Header("+12 V,ground", "power-block")] }) with { Loads = [] };

    private static Graft AtWall(double watts)
        => Fed(SmallSupply() with { Class = EfficiencyClass.Gold }, Draw("+12 V", 6)) with
        {
            WallReadings = [new WallReading("full", default, WallWork.Peak, new Watts(watts))],
        };

    private static Port Needing(string signal) => Header(signal) with { Pins = [Pin(1, signal) with { NeededFor = "it does not start without" }] };

    private static Port At(double volts, string signal) => Header(signal) with { Pins = [Pin(1, signal) with { Level = new Volts(volts) }] };

    private static Port AtPlug(double volts, string signal) => Plug(signal) with { Pins = At(volts, signal).Pins };

    private static Graft Read(bool beeped)
        => Wired("ground", "ground")
            .WithJoint("joint", joint => joint with { Tests = [new ContinuityTest<LeadEnd>(new LeadEnd(true, 1), new LeadEnd(false, 1), beeped, default)] });

    private static Graft Drawing(double amps)
    {
        var graft = Joined(Header("+12 V"), Plug("+12 V"), JointMethod.Rebuild, (1, 1));
        return graft.WithPart("shell", part => part with { Kind = PartKind.Supply }) with
        {
            Supplies = [SmallSupply() with { Part = "shell" }],
            Loads = [Hung("load", "board", "supply") with { Draws = [Draw("+12 V", amps)] }],
        };
    }

    private static Graft Linked(LinkKind kind, string header)
        => Joined(Header(header), Plug("spare-switch,spare-switch"), JointMethod.Rebuild, (1, 1), (2, 2))
            .WithPart("shell", part => part with { Links = [new PartLink(new("plug", 1), new("plug", 2), kind)] });

    private static Graft WithoutReason()
    {
        var graft = Joined(Header("ground"), Plug("ground"), JointMethod.LeaveOff);
        return graft.WithJoint("joint", joint => joint with { Reason = null });
    }

    private static Graft Twice(int secondPosition)
    {
        var graft = Joined(Header("ground,ground"), Plug("ground,ground"), JointMethod.Splice, (1, 1));
        return graft with { Joints = graft.Joints.Add(graft.Joints[0] with { Id = "second", Wires = [new Conductor(secondPosition, secondPosition)] }) };
    }

    private static Graft Answered(CaseAnswer answer) => Donor() with { OldCase = [answer] };

    private static Graft Donor(Evidence? revision = null) => Graft.Empty("test") with
    {
        Parts = [Board(Header("ground,+5 V")) with { Origin = PartOrigin.Donor, BoardRevision = revision is { } grade ? new("A", grade) : null }],
    };

    private static Reading OnSecondPin(string text) => new("reading", default, new PortId("board", "header"), MeterMode.Beep, text) { Red = 2 };

    private static Graft Spliced()
    {
        var graft = Joined(Header("ground"), Plug("ground"), JointMethod.Splice, (1, 1));
        return graft.WithPart("board", board => board with { Origin = PartOrigin.Donor });
    }
}
