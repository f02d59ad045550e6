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
            ["parts", var part, "ports", var port, "pins", var pin, ..] => PinLink(root, snapshot.Graft, new PortId(part, port), pin),
            ["supplies", var supply, ..] => $"{root}/feed?supply={supply}#{Anchor(subject)}",
            ["loads", ..] => $"{root}/feed#{Anchor(subject)}",
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

    // A pin is looked at in the first joint its port takes part in.
    private static string PinLink(string root, Graft graft, PortId port, string pin)
        => graft.Joints.FirstOrDefault(joint => joint.From == port || joint.To == port) is { } joint
            ? $"{root}/wire?joint={joint.Id}&pin={(joint.From == port ? "from" : "to")}-{pin}"
            : $"{root}/stock#{Anchor(SubjectPath.Port(port))}";
}
