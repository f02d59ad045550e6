using LooseGraft.Core.Feed;

namespace LooseGraft.Core.Tests.Feed;

public sealed class CircuitFiguresTests
{
    [Fact]
    public void What_is_known_of_fans_and_their_header_is_not_asked_again()
    {
        var header = Bench.Header("ground,+12 V,fan-tacho", "fan-3") with { Name = "fan header" };
        var graft = Graft.Empty("fans") with
        {
            Parts = [Bench.Board(header), Fan("small"), Fan("large")],
            Loads = [Draws("small", 0.1), Draws("large", 0.25)],
        };
        Assert.Equal(
            [new CircuitFigure("running", 250, "large as it runs"), new CircuitFigure("count", 2, "the fans of this graft"), new CircuitFigure("header", 1, "usual for fan header")],
            CircuitFigures.Of(graft, Review.Of(graft).Feed));
        var limited = graft.WithPort(new PortId("board", "header"), port => port with { Limit = new PortLimit(new Amps(2), null, Evidence.Document) });
        Assert.Contains(new CircuitFigure("header", 2, "fan header"), CircuitFigures.Of(limited, Review.Of(limited).Feed));
    }

    [Fact]
    public void What_standby_has_to_spare_feeds_a_coil()
    {
        var graft = Graft.Empty("standby") with
        {
            Parts = [new Part("supply", "supply", PartKind.Supply)],
            Supplies = [new Supply("supply", "supply") { Rails = [new Rail(Signal.Parse("+5 V standby")!, new Known<Amps>(new Amps(2), Evidence.Label))] }],
        };
        Assert.Equal([new CircuitFigure("spare", 2000, "least left on +5 V standby")], CircuitFigures.Of(graft, Review.Of(graft).Feed));
    }

    [Fact]
    public void A_joint_gives_the_voltages_of_its_ends()
    {
        var header = Bench.Header("ground,data-1,+5 V");
        header = header.With(header.Pins[1] with { Level = new Volts(5) });
        var plug = Bench.Plug("ground,data-1,power-light+");
        plug = plug.With(plug.Pins[1] with { Level = new Volts(3.3) });
        var joint = Wire(header, plug);
        Assert.Equal(
            [("high", 5, "position 2 of header"), ("low", 3.3, "position 2 of header"), ("supply", 5, "position 3 of header")],
            Of(Graft.Empty("levels"), joint).Select(figure => (figure.Field, figure.Value, figure.From)));
        // Ends that are alike need no circuit, and what meets no light feeds none.
        var alike = Of(Graft.Empty("levels"), Wire(header, header with { Gender = Gender.Female }));
        Assert.DoesNotContain(alike, figure => figure.Field is "high" or "low" or "supply");
    }

    private static System.Collections.Immutable.ImmutableArray<CircuitFigure> Of(Graft graft, Core.Wire.JointReview joint)
        => CircuitFigures.Of(graft, Review.Of(graft).Feed, joint);

    private static Core.Wire.JointReview Wire(Port header, Port plug)
    {
        var (from, to) = (new Core.Wire.JointEnd(Bench.Board(header), header), new Core.Wire.JointEnd(Bench.Shell(plug), plug));
        return Core.Wire.JointJudge.Review(new Joint("joint", from.Id, to.Id, JointMethod.Straight), from, to);
    }

    [Fact]
    public void Of_an_empty_bench_nothing_is_known() => Assert.Empty(CircuitFigures.Of(Graft.Empty("bare"), Review.Of(Graft.Empty("bare")).Feed));

    private static Part Fan(string id) => new(id, id, PartKind.Fan);

    private static Load Draws(string part, double amps)
    {
        var draw = Spread<Amps>.Exactly(new Amps(amps));
        return new Load(part, part) { Draws = [new Draw("+12 V", draw, draw, draw, Evidence.Label)] };
    }
}
