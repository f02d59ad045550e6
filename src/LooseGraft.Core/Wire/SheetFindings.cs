using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>What the meter sheet of any lead says.</summary>
internal static class SheetFindings
{
    /// <summary>A line that reads otherwise than it must. What shorts or misplaces a supply destroys something the moment power is applied.</summary>
    public static Finding Wrong(Subject subject, string what, bool carriesSupply, bool mustBeep, string one, string other)
    {
        var found = mustBeep ? $"no beep between {one} and {other}, which must be joined" : $"a beep between {one} and {other}, which must not touch";
        return new Finding(WireRules.LeadWrong, carriesSupply ? Severity.Stop : Severity.Fix, subject, $"{what}: {found}.", Evidence.Measured,
            ["find the wire that is open, in another place or touching its neighbour, mend it, and read the whole sheet again"]);
    }

    /// <summary>The verdict on a joint with such a lead.</summary>
    public static JointVerdict Verdict(string what, bool carriesSupply)
        => new(carriesSupply ? JointVerdictKind.WouldDamage : JointVerdictKind.MoveWires, what, "its meter sheet says where");

    /// <summary>How many lines are still to be read.</summary>
    public static string Unread(int open, int all) => $"{open} of {all.Counted("line")} of its meter sheet {(open == 1 ? "is" : "are")} not read yet; no power before that.";
}
