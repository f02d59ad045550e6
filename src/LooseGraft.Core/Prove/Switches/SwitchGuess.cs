using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Switches;

/// <summary>One way a switch with some legs may be built.</summary>
/// <param name="Kind">How it behaves.</param>
/// <param name="GroupOf">For each leg the group of legs that it is joined with for good, counted from 0.</param>
/// <param name="Common">The group that is switched.</param>
/// <param name="AtRest">For a changeover the group it is joined with as found, for the others the group it switches to; −1 when nothing moves.</param>
/// <param name="Else">For a changeover the group it changes to; −1 otherwise.</param>
public sealed record SwitchGuess(SwitchKind Kind, ImmutableArray<int> GroupOf, int Common, int AtRest, int Else)
{
    /// <summary>Whether two legs would be joined.</summary>
    public bool Joins(int one, int other, SwitchAct act)
    {
        var (first, second) = (GroupOf[one - 1], GroupOf[other - 1]);
        if (first == second) return true;
        return Touching(act) is var (left, right) && ((first, second) == (left, right) || (first, second) == (right, left));
    }

    // The pair of groups that the moving contact joins; null when it joins none.
    private (int, int)? Touching(SwitchAct act) => Kind switch
    {
        SwitchKind.Still => null,
        SwitchKind.MomentaryChangeover => (Common, act == SwitchAct.Held ? Else : AtRest),
        SwitchKind.LatchingChangeover => (Common, IsToggled(act) ? Else : AtRest),
        _ => IsClosed(act) ? (Common, AtRest) : null,
    };

    // A latching contact that is pushed down is closed whether it is on its way in or out; let go, it stays as the number of presses says.
    private bool IsClosed(SwitchAct act) => Kind switch
    {
        SwitchKind.MomentaryNormallyOpen => act == SwitchAct.Held,
        SwitchKind.MomentaryNormallyClosed => act != SwitchAct.Held,
        SwitchKind.LatchingFoundOpen => act is SwitchAct.Held or SwitchAct.PressedOnce,
        SwitchKind.LatchingFoundClosed => act != SwitchAct.PressedOnce,
        _ => false,
    };

    private static bool IsToggled(SwitchAct act) => act is SwitchAct.Held or SwitchAct.PressedOnce;
}
