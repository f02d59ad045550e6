using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>What could be needed, whichever ways the joints take: each thing a row.</summary>
/// <param name="isMet">Whether the builder says of a need that it is there, or left out.</param>
internal sealed class ChoiceRows(Func<string, bool> isMet)
{
    private readonly Dictionary<string, int> _rows = [];
    private readonly Dictionary<PortId, int> _headers = [];
    private readonly List<Need> _needs = [];

    /// <summary>The rows: their keys are those of the needs as they would be, their counts say nothing.</summary>
    public IReadOnlyList<Need> Needs => _needs;

    /// <summary>So much of a ware.</summary>
    public IEnumerable<ChoiceAsk> Ask(Ware ware, double amount, PortId? sharedAt = null)
    {
        var key = ware.ToString();
        if (isMet(key)) yield break;
        var row = Row(key, () => new Need(key, ware, WareWords.Needed(ware), [], 1));
        // A tool serves them all, and a header takes one housing.
        int? once = ware.Kind == WareKind.Tool ? 0 : sharedAt is not { } port ? null
            : _headers.TryGetValue(port, out var known) ? known : _headers[port] = _headers.Count + 1;
        yield return new ChoiceAsk(row, Math.Max(1, (long)Math.Round(amount * ChoiceProblem.Unit)), once);
    }

    /// <summary>A need of its own: a part, a go-between, what the builder added.</summary>
    /// <param name="need">The need.</param>
    /// <param name="way">Which way of a joint it belongs to, where several would have one of the same key.</param>
    public IEnumerable<ChoiceAsk> Ask(Need need, int way = 0)
    {
        if (isMet(need.Key)) yield break;
        yield return new ChoiceAsk(Row($"{need.Key}\n{way}", () => need), need.Count * ChoiceProblem.Unit);
    }

    private int Row(string name, Func<Need> make)
    {
        if (_rows.TryGetValue(name, out var row)) return row;
        _needs.Add(make());
        return _rows[name] = _needs.Count - 1;
    }
}
