using BenchmarkDotNet.Attributes;
using LooseGraft.Core;
using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Air;
using LooseGraft.Core.Cool.Asking;
using LooseGraft.Core.Cool.Cures;
using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Bench;

/// <summary>The air of a shell of ten spaces and of forty, and one network of forty spaces and 120 ways.</summary>
public class AirOfForty
{
    private readonly AirNetwork _network = new(40, Branches(40, 120));
    private Graft _shell = null!;
    private Graft _read = null!;
    private FeedReview _feed = null!;

    /// <summary>How many spaces the shell has.</summary>
    [Params(1, 10, 40)]
    public int Spaces { get; set; }

    /// <summary>Reviews what the parts take, as a review has done before it looks at the air.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        _shell = Shell(Spaces);
        _feed = Review.Of(_shell).Feed;
        _read = _shell with { Cooling = _shell.Cooling with { Readings = [.. Readings()] } };
    }

    /// <summary>The flows, from rest. The same whatever the shell.</summary>
    [Benchmark]
    public int Flows() => _network.Solve().Rounds;

    /// <summary>The whole review of the air, with its 500 draws.</summary>
    [Benchmark]
    public int Air() => CoolStage.Review(_shell, _feed).Findings.Length;

    /// <summary>The same with as many readings as count, read at three kinds of work, with its fit.</summary>
    [Benchmark]
    public int Read() => CoolStage.Review(_read, _feed).Read.Contacts.Length;

    /// <summary>What would help the first board, each change worked out again.</summary>
    [Benchmark]
    public int Cures()
    {
        var cool = CoolStage.Review(_shell, _feed);
        return CureTrials.Of(_shell, _feed, cool, cool.At(HeatCase.Peak).Spots[0], new ReviewWork()).Tried;
    }

    /// <summary>How many watts the first board may take.</summary>
    [Benchmark]
    public double? Watts()
    {
        var spot = CoolStage.Review(_shell, _feed).Scene.Spots[0];
        return CoolAsking.Of(_shell, _feed, new CoolQuestion(CoolAsk.Watts, spot.Part, spot.Kind, spot.Limit.Comfortable), new ReviewWork())?.Value;
    }

    private IEnumerable<HeatReading> Readings()
        => from at in Enumerable.Range(0, HeatFit.MostCounted)
           let space = at % Spaces
           select new HeatReading($"reading-{at}", DateTimeOffset.UnixEpoch, new Celsius(40 + at), (HeatCase)(at % 3), new Minutes(30))
           {
               Part = at % 2 == 0 ? $"board-{space}" : null,
               Space = at % 2 == 1 ? $"space-{space}" : null,
           };

    private static AirBranch[] Branches(int spaces, int ways)
    {
        var shake = new Random(16);
        return [.. Enumerable.Range(0, ways).Select(at =>
        {
            var (from, to) = at < spaces ? (at - 1, at) : (shake.Next(-1, spaces), shake.Next(spaces));
            return new AirBranch(from == to ? AirBranch.Room : from, to, 1, Math.Pow(10, 3 + (3 * shake.NextDouble())))
            {
                Rise = shake.NextDouble() - 0.5,
                Fan = at % 12 == 0 ? FanCurve.Straight(0.02, 20) : null,
            };
        })];
    }

    // A row of spaces, each with a board and three ways: from the one before, to the room low and high; a fan in every fourth.
    private static Graft Shell(int spaces)
    {
        string Id(int at) => $"space-{at}";
        return Graft.Empty("rooms") with
        {
            Parts =
            [
                .. Enumerable.Range(0, spaces).Select(at => new Part($"board-{at}", $"board {at}", PartKind.Board)),
                .. Enumerable.Range(0, spaces).Select(at => new Part($"fan-{at}", $"fan {at}", PartKind.Fan)),
            ],
            Loads = [.. Enumerable.Range(0, spaces).Select(at => new Load($"load-{at}", $"board-{at}")
            {
                Draws = [new Draw("+12 V", Amps(0.5), Amps(1), Amps(2 + (at % 3)), Evidence.Label)],
            })],
            Cooling = new Cooling
            {
                Spaces = [.. Enumerable.Range(0, spaces).Select(at => new AirSpace(Id(at), $"space {at}")
                {
                    Size = new SpaceSize(new Millimetres(300), new Millimetres(200), new Millimetres(100)),
                })],
                Ways = [.. Enumerable.Range(0, spaces).SelectMany(at => Ways(at))],
                Fans = [.. Enumerable.Range(0, spaces).Where(at => at % 4 == 0).Select(at => new FanPlace($"fan-{at}")
                {
                    Way = $"high-{at}", Blows = AirDirection.Out, Size = new Millimetres(80),
                })],
                Places = [.. Enumerable.Range(0, spaces).Select(at => new HeatPlace($"board-{at}", Id(at)))],
            },
        };

        IEnumerable<AirWay> Ways(int at) =>
        [
            new AirWay($"low-{at}", "low", null, Id(at), new SquareCentimetres(40)) { Cover = AirCover.Mesh },
            new AirWay($"high-{at}", "high", null, Id(at), new SquareCentimetres(40)) { Cover = AirCover.Punched, Height = new Millimetres(100) },
            .. at == 0 ? Array.Empty<AirWay>()
                : [new AirWay($"next-{at}", "next", Id(at - 1), Id(at), new SquareCentimetres(20)) { Height = new Millimetres(50) }],
        ];

        static Spread<Amps> Amps(double amps) => new(new Amps(amps * 0.8), new Amps(amps), new Amps(amps * 1.3));
    }
}
