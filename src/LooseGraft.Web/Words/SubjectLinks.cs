using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Data;

namespace LooseGraft.Web.Words;

/// <summary>Leads from what a finding speaks of to the place where it can be changed.</summary>
public static class SubjectLinks
{
    /// <summary>The address of a subject.</summary>
    /// <param name="snapshot">The graft.</param>
    /// <param name="subject">What is spoken of.</param>
    /// <param name="stage">The stage to fall back upon.</param>
    public static string To(GraftSnapshot snapshot, SubjectPath subject, Stage stage)
    {
        var root = $"/graft/{snapshot.Id}";
        return subject.Steps switch
        {
            ["joints", var joint, ..] => $"{root}/wire?joint={joint}",
            ["parts", _, "ports", _, "pins", _] when stage == Stage.Prove => Prove(root, subject),
            ["readings", var reading] => Prove(root, ReadOn(snapshot.Graft, reading)),
            ["life"] => $"{root}/prove/life",
            ["old-case", ..] => $"{root}/stock#{Anchor(subject)}",
            ["parts", _] => $"{root}/stock#{Anchor(subject)}",
            ["parts", var part, "ports", var port, "pins", var pin, ..] => PinLink(root, snapshot.Graft, new PortId(part, port), pin),
            ["seating", "planes", var plane, ..] => $"{root}/seat?plane={plane}#{Anchor(subject)}",
            ["seating", "seats", var board, ..] => $"{root}/seat?board={board}#{Anchor(subject)}",
            ["seating", "surveys", var of] => $"{root}/seat/survey?of={of}",
            ["seating", "boxes" or "runs", ..] => $"{root}/seat/lists#{(subject.Steps[1] == "runs" ? "runs" : "boxes")}",
            ["supplies", var supply, ..] => $"{root}/feed?supply={supply}#{Anchor(subject)}",
            ["loads", var load, ..] => $"{root}/feed?supply={snapshot.Graft.Loads.FirstOrDefault(found => found.Id == load)?.Supply}#{Anchor(subject)}",
            _ => $"{root}/{stage.Slug()}",
        };
    }

    /// <summary>The id under which a page marks a subject; the same text gives the same id, and only letters, digits and hyphens stand in it.</summary>
    public static string Anchor(SubjectPath subject)
        => "at" + string.Concat(subject.Text.Select(character => char.IsAsciiLetterOrDigit(character) ? character.ToString() : character switch
        {
            '+' => "p",
            '.' => "d",
            _ => "-",
        }));

    /// <summary>The address of a fact on the prove list.</summary>
    public static string Prove(int graft, SubjectPath subject) => Prove($"/graft/{graft}", subject);

    private static string Prove(string root, SubjectPath subject) => $"{root}/prove?fact={Uri.EscapeDataString(subject.Text)}";

    private static SubjectPath ReadOn(Graft graft, string id)
        => graft.Readings.FirstOrDefault(reading => reading.Id == id) is { } found
            ? found.Red is { } red ? SubjectPath.Pin(found.Port, red) : SubjectPath.Port(found.Port)
            : SubjectPath.Whole;

    // A pin is looked at in the first joint its port takes part in.
    private static string PinLink(string root, Graft graft, PortId port, string pin)
        => graft.Joints.FirstOrDefault(joint => joint.From == port || joint.To == port) is { } joint
            ? $"{root}/wire?joint={joint.Id}&pin={(joint.From == port ? "from" : "to")}-{pin}"
            : $"{root}/stock#{Anchor(SubjectPath.Port(port))}";
}
