using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Needs that hang together because one pack may meet several of them; packs of different groups know nothing of each other.</summary>
internal sealed class PackGroups
{
    private readonly int[] _group;

    public PackGroups(ChoiceProblem problem)
    {
        var above = Enumerable.Range(0, problem.Needs).ToArray();
        foreach (var needs in problem.Packs.Select(pack => pack.Contents.SelectMany(content => content.Needs).ToArray()))
        {
            foreach (var need in needs) above[Top(need)] = Top(needs[0]);
        }

        var tops = Enumerable.Range(0, problem.Needs).Select(Top).ToArray();
        var numbers = tops.Distinct().Index().ToDictionary(each => each.Item, each => each.Index);
        _group = [.. tops.Select(top => numbers[top])];
        Needs = [.. Enumerable.Range(0, numbers.Count).Select(group => Enumerable.Range(0, problem.Needs).Where(need => _group[need] == group).ToArray())];
        Packs = [.. Enumerable.Range(0, numbers.Count).Select(group => problem.Packs.Index()
            .Where(pack => pack.Item.Contents.Any(content => content.Needs.Any(need => _group[need] == group))).Select(pack => pack.Index).ToArray())];

        int Top(int need)
        {
            while (above[need] != need) need = above[need] = above[above[need]];
            return need;
        }
    }

    /// <summary>The needs of each group.</summary>
    public ImmutableArray<int[]> Needs { get; }

    /// <summary>The packs of each group.</summary>
    public ImmutableArray<int[]> Packs { get; }

    /// <summary>How many groups there are.</summary>
    public int Count => Needs.Length;

    /// <summary>The group of a need.</summary>
    public int Of(int need) => _group[need];
}
