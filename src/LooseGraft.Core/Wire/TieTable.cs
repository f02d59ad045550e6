using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>The ties that give a contact what it waits for when the other side has nothing for it.</summary>
internal static class TieTable
{
    /// <summary>For each contact that is needed, or is known to wait for ground, and that no wire serves: a tie to the nearest contact of its own port that is
    /// right for it.</summary>
    /// <returns>Ties of the fixed port first. Contacts for which the port has nothing stay untied.</returns>
    public static ValueList<LeadTie> Propose(JointEnd from, JointEnd to, IReadOnlyCollection<Conductor> wires)
        => [.. At(from, isFrom: true, [.. wires.Select(wire => wire.From)]), .. At(to, isFrom: false, [.. wires.Select(wire => wire.To)])];

    private static IEnumerable<LeadTie> At(JointEnd end, bool isFrom, HashSet<int> served)
    {
        var grid = new PortGrid(end.Port);
        foreach (var terminal in end.Terminals.Where(terminal => Waits(terminal) && !served.Contains(terminal.Pin.Position)))
        {
            var here = grid[terminal.Pin.Position];
            var nearest = end.Terminals.Where(
                other => other.Conducts && other.Family is SignalFamily.Ground or SignalFamily.Supply && ContactRules.Judge(terminal, other).IsRight)
                .Select(other => other.Pin.Position)
                .OrderBy(position => Math.Abs(grid[position].Row - here.Row) + Math.Abs(grid[position].Column - here.Column)).ThenBy(position => position)
                .FirstOrDefault();
            if (nearest > 0) yield return new LeadTie(new LeadEnd(isFrom, terminal.Pin.Position), new LeadEnd(isFrom, nearest));
        }
    }

    /// <summary>Whether a contact waits for a level that a tie could give it.</summary>
    public static bool Waits(Terminal terminal)
        => terminal.Conducts && terminal.Family is SignalFamily.Sense or SignalFamily.Enable
            && (terminal.Pin.NeededFor is not null || terminal.Signal.Entry is { WantsGround: true });
}
