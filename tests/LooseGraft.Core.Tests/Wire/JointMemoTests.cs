using LooseGraft.Core.Wire;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>A joint judged before is taken over only where nothing that it rests on has changed.</summary>
public sealed class JointMemoTests
{
    private static readonly Graft Before = Joined(Header("+5 V,ground,power-switch"), Plug("+5 V,ground,power-switch"));

    public static TheoryData<string, Func<Graft, Graft>> Edits => new()
    {
        { "a pitch", graft => WithPort(graft, port => port with { OwnPitch = new(2.0) }) },
        { "a housing", graft => WithPort(graft, port => port with { Type = ConnectorTypes.Find("loose-ends")! }) },
        { "a gender", graft => WithPort(graft, port => port with { Gender = Gender.Male }) },
        { "a name of a port", graft => WithPort(graft, port => port with { Name = "front lead" }) },
        { "a contact", graft => WithPort(graft, port => port.With(port.Pins[0] with { Signal = new(Signal("+12 V"), Evidence.Measured) })) },
        { "a name of a part", graft => graft.WithPart("shell", part => part with { Name = "tower" }) },
        { "a kind of a part", graft => graft.WithPart("shell", part => part with { Kind = PartKind.Lead }) },
        { "a method", graft => graft.WithJoint("joint", joint => joint with { Method = JointMethod.LeaveOff, Reason = "not needed" }) },
        { "a tie", graft => graft.WithJoint("joint", joint => joint with { Ties = [new LeadTie(new LeadEnd(true, 1), new LeadEnd(true, 2))] }) },
        { "the other end", graft => graft.WithPart("board", part => part with { Ports = [part.Ports[0] with { Pins = part.Ports[0].Pins.RemoveAt(2) }] }) },
    };

    [Theory]
    [MemberData(nameof(Edits))]
    public void After_an_edit_a_joint_says_what_it_says_anew(string what, Func<Graft, Graft> edit)
    {
        var (before, after) = (WireStage.Review(Before), WireStage.Review(edit(Before)));
        var taken = WireStage.Review(edit(Before), before);
        Assert.True(Said(after) == Said(taken), what);
        Assert.False(Said(after) == Said(before), what);
    }

    private static Graft WithPort(Graft graft, Func<Port, Port> change) => graft.WithPart("shell", part => part with { Ports = [change(part.Ports[0])] });

    private static string Said(WireReview review) => string.Join('\n', review.Joints.SelectMany(joint => (string[])
        [$"{joint.From.Part.Name} {joint.To.Part.Name} {joint.To.Port.Name} {joint.Verdict.Kind} {joint.Verdict.Words} {joint.Joint.Method}",
            .. joint.FitProblems.Select(problem => problem.Words), .. joint.Findings.Select(finding => finding.Message),
            .. joint.Decided.Select(contact => contact.Judgement.Words)]));
}
