using CsCheck;
using LooseGraft.Core.Files.Meetings;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Tests.Files;

public sealed class MeetingTests
{
    private static readonly PortId _panel = new("kt31", "panel");
    private static readonly Graft _ferry = EditSamples.Demos.First(demo => demo.Graft.Name == "The ferry radiogram").Graft;

    [Fact]
    public void Two_contacts_of_one_port_stand_together()
    {
        var met = Meet(Signal(7, "ground"), Signal(9, "+5 V"));
        Assert.Empty(met.Clashes);
        Assert.Equal(("ground", "+5 V"), (NameAt(met.Together!, 7), NameAt(met.Together!, 9)));
    }

    [Fact]
    public void One_contact_is_one_field_and_told_with_what_it_was()
    {
        var met = Meet(Signal(7, "+3.3 V"), Signal(7, "ground"));
        Assert.Null(met.Together);
        var clash = Assert.Single(met.Clashes);
        Assert.Equal("parts › Ovrell KT-31 board › ports › panel header › pins › 7", clash.Field);
        Assert.Contains("signal +5 V", clash.Began);
        Assert.Contains("signal +3.3 V", clash.Yours);
        Assert.Contains("signal ground", clash.Theirs);
    }

    [Fact]
    public void The_same_done_twice_is_done_once()
    {
        var met = Meet(Signal(7, "ground"), Signal(7, "ground"));
        Assert.Empty(met.Clashes);
        Assert.Equal("ground", NameAt(met.Together!, 7));
    }

    [Fact]
    public void A_contact_of_a_part_that_was_taken_out_has_nowhere_to_stand()
    {
        var met = Meet(Signal(7, "ground"), graft => graft with { Parts = graft.Parts.RemoveAt(0), Joints = [] });
        Assert.Null(met.Together);
        Assert.Equal(("parts › Ovrell KT-31 board", "not there"), (met.Clashes[0].Field, met.Clashes[0].Theirs));
        Assert.StartsWith("ports › panel header › pins › 7: ", met.Clashes[0].Yours);
    }

    [Fact]
    public void What_would_now_do_something_else_is_asked_although_no_field_is_wanted_twice()
    {
        // Says whatever the aim is, so that it does something else upon another aim.
        const string aim = "the whole street";
        var met = Meet(graft => graft with { Budget = graft.Aim == aim ? null : new Money(7) }, graft => graft with { Aim = aim });
        Assert.Null(met.Together);
        Assert.Empty(met.Clashes);
    }

    [Theory]
    [InlineData("heightMm", "height, mm")]
    [InlineData("neededFor", "needed for")]
    [InlineData("planes", "bases")]
    [InlineData("aim", "aim")]
    public void Members_are_told_as_words(string member, string words) => Assert.Equal(words, DocumentWords.Of(member));

    [Fact]
    public void A_thing_put_into_another_order_is_one_field()
    {
        var graft = _ferry;
        var turned = graft with { Joints = [.. graft.Joints.Reverse()] };
        Assert.Equal(["joints"], Assert.Single(Differences.Between(graft, turned)).Place);
    }

    // Whatever may stand together may be done in either order, and neither undoes what the other did.
    [Fact]
    public void What_may_stand_together_may_be_done_in_either_order()
    {
        var together = 0;
        var sorts = EditSamples.Sorts.ToArray();
        Gen.Select(Gen.Int[0, EditSamples.Demos.Count - 1], Gen.OneOf(sorts), Gen.OneOf(sorts), Gen.Int[0, 9999]).Hold((demo, one, other, seed) =>
        {
            var (graft, edits) = EditSamples.Demos[demo];
            var (mine, theirs) = (edits.Make(one, seed), edits.Make(other, seed + 1));
            var stands = theirs.Apply(graft);
            if (Meeting.Of(graft, mine, stands).Together is not { } both) return;
            together++;
            Assert.Empty(Differences.Between(both, mine.Apply(stands)));
            var (done, kept) = (Differences.Between(graft, both), Differences.Between(graft, stands));
            Assert.Superset(kept.ToHashSet(), done.ToHashSet());
            Assert.Equal(Differences.Between(graft, mine.Apply(graft)).Union(kept).ToHashSet(), done.ToHashSet());
        }, iter: 120);
        // Hardly a pair that never meets would prove nothing.
        Assert.InRange(together, 20 * Properties.Times, 120 * Properties.Times);
    }

    [Fact]
    public void A_joint_made_worse_by_another_window_is_named()
    {
        var (harmless, shorted) = (WireStage.Review(Signal(7, "none")(_ferry)), WireStage.Review(_ferry));
        Assert.Equal(["panel"], Worsened.Joints(harmless, shorted).Select(joint => joint.Joint.Id));
        Assert.Empty(Worsened.Joints(shorted, shorted));
        Assert.Empty(Worsened.Joints(shorted, harmless));
    }

    private static Meeting Meet(Func<Graft, Graft> mine, Func<Graft, Graft> theirs) => Meeting.Of(_ferry, new Doing(mine), theirs(_ferry));

    private static Func<Graft, Graft> Signal(int position, string name)
        => graft => graft.WithPin(_panel, position, pin => pin with { Signal = new(Core.Model.Signal.Parse(name)!, Evidence.Measured) });

    private static string NameAt(Graft graft, int position) => graft.FindPort(_panel)!.PinAt(position).Signal.Value.Name;

    private sealed record Doing(Func<Graft, Graft> Make) : GraftEdit
    {
        public override Graft Apply(Graft graft) => Make(graft);

        public override string Words(Graft graft) => "something";

        public override string Standing(Graft graft) => graft.Name;
    }
}
