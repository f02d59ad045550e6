using LooseGraft.Core.Circuit;
namespace LooseGraft.Core.Wire;

/// <summary>What would happen between any contact of one end and any of the other. Each pair is judged once, when it is first asked for: all the ways of
/// pushing a plug on ask for the same few pairs.</summary>
internal sealed class ContactTable(IReadOnlyList<Terminal> from, IReadOnlyList<Terminal> to)
{
    private readonly ContactJudgement?[] _judged = new ContactJudgement?[from.Count * to.Count];

    /// <summary>Judges a pair of positions, each counted from 1.</summary>
    public ContactJudgement At(int fromPosition, int toPosition)
        => _judged[((fromPosition - 1) * to.Count) + toPosition - 1] ??= ContactRules.Judge(from[fromPosition - 1], to[toPosition - 1]);
}
