using LooseGraft.Core.Circuit;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>What would happen between any contact of one end and any of the other. Contacts that nothing tells apart but their number are judged once, when
/// they are first asked for: a port of many positions has few kinds of contact, and all the ways of pushing a plug on ask for the same few pairs.</summary>
internal sealed class ContactTable
{
    private readonly (int[] KindOf, List<Terminal> Kinds) _from;
    private readonly (int[] KindOf, List<Terminal> Kinds) _to;
    private readonly ContactJudgement?[] _judged;

    public ContactTable(IEnumerable<Terminal> from, IEnumerable<Terminal> to)
    {
        (_from, _to) = (KindsOf(from), KindsOf(to));
        _judged = new ContactJudgement?[_from.Kinds.Count * _to.Kinds.Count];
    }

    /// <summary>Judges a pair of positions, each counted from 1.</summary>
    public ContactJudgement At(int fromPosition, int toPosition)
    {
        var (from, to) = (_from.KindOf[fromPosition - 1], _to.KindOf[toPosition - 1]);
        return _judged[(from * _to.Kinds.Count) + to] ??= ContactRules.Judge(_from.Kinds[from], _to.Kinds[to]);
    }

    private static (int[] KindOf, List<Terminal> Kinds) KindsOf(IEnumerable<Terminal> end)
    {
        var known = new Dictionary<Terminal, int>();
        var kinds = new List<Terminal>();
        return ([.. end.Select(KindOf)], kinds);

        int KindOf(Terminal terminal)
        {
            // Neither where a contact stands, nor its wire, nor what it is needed for decides what becomes of it.
            var bare = terminal with { Pin = terminal.Pin with { Position = 1, WireColour = null, NeededFor = null, Unknown = UnknownMembers.None } };
            if (known.TryGetValue(bare, out var kind)) return kind;
            known[bare] = kinds.Count;
            kinds.Add(terminal);
            return kinds.Count - 1;
        }
    }
}
