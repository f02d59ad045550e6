using LooseGraft.Core.Feed;
using LooseGraft.Core.Files;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Tests;

/// <summary>What the demo grafts are there to show. The figures were worked out by hand from their files.</summary>
public sealed class DemoTests
{
    [Theory]
    [InlineData("ferry-radiogram", "panel", JointVerdictKind.WouldDamage, "would short +5 V to ground")]
    [InlineData("ferry-radiogram", "scale-lamp", JointVerdictKind.WouldDamage, "would feed +12 V into scale-lamp+, made for 6.3 V")]
    [InlineData("ferry-radiogram", "main-power", JointVerdictKind.ProveFirst, "prove it first")]
    [InlineData("ferry-radiogram", "processor-a", JointVerdictKind.GoesStraightIn, "goes straight in")]
    [InlineData("ferry-radiogram", "front-usb", JointVerdictKind.GoesStraightIn, "goes straight in")]
    [InlineData("ferry-radiogram", "latching-key", JointVerdictKind.LeftOff, "left off")]
    [InlineData("ferry-radiogram", "speakers", JointVerdictKind.Joined, "right by a rebuilt lead")]
    [InlineData("lending-desk", "processor", JointVerdictKind.WouldDamage, "would short +3.3 V to ground")]
    [InlineData("lending-desk", "front-usb", JointVerdictKind.NeedsGoBetween, "needs a go-between")]
    [InlineData("lending-desk", "drive", JointVerdictKind.GoesStraightIn, "goes straight in")]
    [InlineData("weighbridge", "fan", JointVerdictKind.GoesStraightIn, "goes straight in")]
    [InlineData("slide-projector", "console", JointVerdictKind.WouldDamage, "serial-transmit and serial-transmit would drive each other")]
    [InlineData("slide-projector", "brick", JointVerdictKind.ProveFirst, "prove it first")]
    public void Each_joint_has_the_verdict_it_was_made_for(string demo, string joint, JointVerdictKind kind, string words)
    {
        var verdict = Demo(demo).Wire.Find(joint)!.Verdict;
        Assert.Equal((kind, words), (verdict.Kind, verdict.Words));
    }

    [Fact]
    public void The_radiograms_panel_lead_is_cured_by_moving_three_wires()
    {
        var panel = Demo("ferry-radiogram").Wire.Find("panel")!;
        Assert.Equal(3, panel.WiresToMove);
        Assert.All(panel.Proposed, contact => Assert.True(contact.Judgement.IsRight));
        // The two ends of the power light change places, and the lid switch's return leaves +5 V for a ground.
        Assert.Equal([1, 2], panel.Proposal.Where(row => row.Signal.Function == "power-light").Select(row => row.From));
        Assert.DoesNotContain(panel.Proposal, row => row.From == 7);
    }

    [Theory]
    [InlineData("ferry-radiogram", "+12 V", 147.36, 144, FeedVerdict.DoesNotCarry)] // 12 × (6.2 + 4.1 + 0.18 + 1.8)
    [InlineData("lending-desk", "+5 V standby", 4, 12.5, FeedVerdict.Carries)] // 5 × 0.8
    [InlineData("weighbridge", "in all", 186.6, 210, FeedVerdict.MayNotCarry)] // 12 × (8.3 + 6.2 + 0.5 + 0.25 + 0.3)
    [InlineData("slide-projector", "+12 V", 30.159029, 36, FeedVerdict.CarriesTightly)]// 15 W and 12.75 W / 0.8799, at 11.47 V
    public void Each_supply_is_as_full_as_it_was_made_to_be(string demo, string limit, double likely, double gives, FeedVerdict verdict)
    {
        var found = Demo(demo).Feed.Supplies.SelectMany(supply => supply.Limits).First(each => each.Name == limit);
        Assert.Equal(gives, found.Limit.Value.Value, 6);
        Assert.Equal(verdict, found.In(LoadCase.Peak).Verdict);
        Assert.Equal(likely, found.In(LoadCase.Peak).Used.Likely.Value, 6);
    }

    [Fact]
    public void The_four_demos_together_show_most_of_the_rules()
    {
        var shown = Directory.EnumerateFiles(House.Root.Folder("demo"), "*.json").Select(file => Path.GetFileNameWithoutExtension(file)!)
            .SelectMany(demo => Demo(demo).Findings).Select(finding => finding.Rule.Code).Distinct().Count();
        Assert.True(shown >= Stages.Rules.Length / 2, $"only {shown} of {Stages.Rules.Length} rules are shown");
    }

    private static Review Demo(string name) => Review.Of(GraftFile.Read(File.ReadAllBytes(Path.Combine(House.Root.Folder("demo"), name + ".json"))).Graft!);
}
