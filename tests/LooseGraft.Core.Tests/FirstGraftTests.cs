using LooseGraft.Core.Files;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Tests;

/// <summary>The guided first graft. That its steps lead to the end is tried in the browser.</summary>
public sealed class FirstGraftTests
{
    private static readonly PortId _header = new("dm2", "fan");
    private static readonly Graft _begun = Read("first");
    private static readonly Joint _straight = new("fan", _header, new PortId("fan", "plug"), JointMethod.Straight);

    [Fact]
    public void It_begins_with_a_joint_to_be_judged() => Assert.Equal(1, Step(_begun));

    [Fact]
    public void Pushed_on_as_it_is_it_would_do_harm() => Assert.Equal(2, Step(_begun with { Joints = [_straight] }));

    [Fact]
    public void Rewired_it_rests_on_a_diagram_until_both_contacts_that_can_burn_are_measured()
    {
        var rewired = _begun with { Joints = [_straight with { Method = JointMethod.Repin, Wires = [new(1, 4), new(2, 3), new(3, 2), new(4, 1)] }] };
        Assert.Equal(3, Step(rewired));
        var ground = Measured(rewired, 4);
        Assert.Equal(4, Step(ground));
        Assert.Equal(3, Step(Measured(rewired, 3)));
        Assert.Equal(FirstGraft.Steps, Step(Measured(ground, 3)));
        Assert.Equal(JointVerdictKind.Joined, Review.Of(Measured(ground, 3)).Wire.Find("fan")!.Verdict.Kind);
    }

    [Fact]
    public void The_hidden_board_is_the_same_board()
    {
        var truth = Read("practice");
        Assert.Equal(_begun.Parts.Select(part => part.Id), truth.Parts.Select(part => part.Id));
        Assert.Equal(_begun.FindPort(_header)!.Pins.Select(pin => pin.Signal.Value), truth.FindPort(_header)!.Pins.Select(pin => pin.Signal.Value));
    }

    [Fact]
    public void Any_other_graft_and_one_that_lost_its_header_are_not_led()
    {
        Assert.Null(FirstGraft.Of(Review.Of(_begun with { Practice = "ferry-radiogram" })));
        Assert.Null(FirstGraft.Of(Review.Of(_begun with { Parts = [] })));
    }

    private static int? Step(Graft graft) => FirstGraft.Of(Review.Of(graft))?.Number;

    private static Graft Measured(Graft graft, int position)
        => graft.WithPin(_header, position, pin => pin with { Signal = new(pin.Signal.Value, Evidence.Measured) });

    private static Graft Read(string folder)
        => GraftFile.Read(File.ReadAllBytes(Path.Combine(House.Root.Folder("demo"), folder, "first-fan.json"))).Graft!;
}
