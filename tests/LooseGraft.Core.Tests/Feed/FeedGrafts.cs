using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>Grafts whose joints say what feeds what.</summary>
internal static class FeedGrafts
{
    private static readonly ConnectorType Drive = ConnectorTypes.Find("drive-power-15")!;

    // A supply of 24 contacts' worth of +12 V behind a bought adapter whose two +12 V contacts lead to the board's two.
    public static Graft BehindAdapter(double amps)
    {
        var graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("+12 V"), Limit(30))], Combined = [], Total = null }, Draw("+12 V", amps));
        graft = graft.WithPart("supply", part => part with { Ports = [Block("plug", Gender.Female)] })
            .WithPart("board", part => part with { Ports = [Block("main", Gender.Male)] });
        return graft with
        {
            Parts = [.. graft.Parts,
                new Part("adapter", "adapter", PartKind.Adapter) { Ports = [Block("in", Gender.Male), Block("out", Gender.Female)] }],
            Joints = [Straight("supply/plug", "adapter/in"), Straight("board/main", "adapter/out")],
            Loads = [graft.Loads[0] with { Meant = null }],
        };
    }

    // A drive on the first of two plugs of each splitter, the next splitter on the second; the last has a drive on both.
    public static Graft Splitters(int count, double amps)
    {
        var graft = Fed(SmallSupply() with
        {
            Rails = [new Rail(Signal("+12 V"), Limit(50)), new Rail(Signal("+5 V"), Limit(50))],
            Combined = [],
            Total = null,
        });
        var splitters = Enumerable.Range(1, count).Select(at => new Part($"s{at}", $"s{at}", PartKind.Adapter)
        {
            Ports = [Usual("in", Gender.Male), Usual("a", Gender.Female), Usual("b", Gender.Female)],
        });
        var drives = Enumerable.Range(1, count + 1)
            .Select(at => new Part($"d{at}", $"d{at}", PartKind.Drive) { Ports = [Usual("power", Gender.Male)] }).ToArray();
        return graft with
        {
            Parts = [new Part("supply", "supply", PartKind.Supply) { Ports = [Usual("plug", Gender.Female)] }, .. splitters, .. drives],
            Joints = [Straight("supply/plug", "s1/in"), .. Enumerable.Range(1, count).Select(at => Straight($"s{at}/a", $"d{at}/power")),
                .. Enumerable.Range(1, count - 1).Select(at => Straight($"s{at}/b", $"s{at + 1}/in")), Straight($"s{count}/b", $"d{count + 1}/power")],
            Loads = [.. drives.Select(drive => new Load(drive.Id, drive.Id) { Draws = [Draw("+5 V", amps)] })],
        };
    }

    // One contact of +12 V on the first plug, two on the second.
    public static Graft TwoPlugs(double amps)
    {
        var graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("+12 V"), Limit(30))], Combined = [], Total = null }, Draw("+12 V", amps));
        Port[] Ports(string one, string other, Gender gender)
            => [Header("+12 V,ground", "power-block", gender) with { Id = one, Name = one },
                Header("+12 V,+12 V,ground,ground", "power-block", gender) with { Id = other, Name = other }];
        return graft with
        {
            Parts = [new Part("supply", "supply", PartKind.Supply) { Ports = [.. Ports("first", "second", Gender.Female)] },
                new Part("board", "board", PartKind.Board) { Ports = [.. Ports("a", "b", Gender.Male)] }],
            Joints = [Straight("supply/first", "board/a"), Straight("supply/second", "board/b")],
            Loads = [graft.Loads[0] with { Meant = null }],
        };
    }

    public static Port Block(string id, Gender gender) => Header("+12 V,+12 V,ground,ground", "power-block", gender) with { Id = id, Name = id };

    public static Port Usual(string id, Gender gender) => new(id, id, Drive, gender) { Pins = [.. Core.Model.Pin.UsualFor(Drive)] };

    public static Joint Straight(string from, string to)
        => new(GraftEdits.FreshId($"{from} {to}", []), PortId.Parse(from)!.Value, PortId.Parse(to)!.Value, JointMethod.Straight);
}
