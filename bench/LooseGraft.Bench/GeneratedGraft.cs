using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Bench;

/// <summary>A graft far larger than any bench holds: made from a seed, so that every run measures the same.</summary>
internal static class GeneratedGraft
{
    private const int PinsOfPort = 10;

    private static readonly Signal[] Signals =
    [
        .. new[] { "+12 V", "+5 V", "+3.3 V", "ground", "ground", "ground", "power-switch", "reset-switch", "power-light+", "power-light-", "fan-tacho",
            "usb1-data+", "none" }
            .Select(name => Signal.Parse(name)!),
    ];

    public static Graft Of(int parts, int joints)
    {
        var random = new Random(20);
        var all = Enumerable.Range(0, parts).Select(index => MakePart(index, random)).ToArray();
        return Graft.Empty("generated") with
        {
            Parts = [.. all],
            Joints = [.. Enumerable.Range(0, joints).Select(index => MakeJoint(index, parts, random))],
            Supplies = [MakeSupply()],
            Loads = [.. all.Select(part => MakeLoad(part, random))],
        };
    }

    private static string Id(string stem, int index) => string.Create(CultureInfo.InvariantCulture, $"{stem}-{index}");

    // Even parts carry headers, odd ones plugs, so that neighbours can be joined.
    private static Part MakePart(int index, Random random)
        => new(Id("part", index), $"Part {index}", index % 2 == 0 ? PartKind.Board : PartKind.Panel)
        {
            Ports =
            [
                new Port("port", $"port {index}", ConnectorTypes.Find("pin-header")!, index % 2 == 0 ? Gender.Male : Gender.Female)
                {
                    OwnRows = 2,
                    OwnColumns = PinsOfPort / 2,
                    Pins = [.. Enumerable.Range(1, PinsOfPort).Select(position => new Pin(position)
                    {
                        Signal = new Known<Signal>(Signals[random.Next(Signals.Length)], (Evidence)random.Next(5)),
                    })],
                },
            ],
        };

    private static Joint MakeJoint(int index, int parts, Random random)
    {
        var header = index * 2 % parts;
        return new Joint(Id("joint", index), new PortId(Id("part", header), "port"), new PortId(Id("part", header + 1), "port"),
            random.Next(3) == 0 ? JointMethod.Splice : JointMethod.Straight)
        {
            Wires = [.. Enumerable.Range(1, PinsOfPort).Select(position => new Conductor(position, position))],
        };
    }

    private static Supply MakeSupply() => new("supply", "part-0")
    {
        Rails = [.. Signals.Take(3).Select(signal => new Rail(signal, new Known<Amps>(new Amps(30), Evidence.Label)))],
        Total = new TotalLimit(new Known<Watts>(new Watts(450), Evidence.Label)),
    };

    private static Load MakeLoad(Part part, Random random) => new("load-" + part.Id, part.Id)
    {
        Meant = new MeantWay("supply"),
        Draws = [.. Signals.Take(3).Select(signal =>
        {
            var currents = new Spread<Amps>(new Amps(random.NextDouble()), new Amps(1 + random.NextDouble()), new Amps(2 + random.NextDouble()));
            return new Draw(signal.Name, currents, currents, currents, (Evidence)random.Next(5));
        })],
    };
}
