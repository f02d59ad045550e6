using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>In which order joints are decided and groups of needs are bought for, and what each of them touches.</summary>
/// <remarks>A group is bought for as soon as every joint that may ask of it is decided, so that what was asked of it need not be remembered further.</remarks>
internal sealed class ChoicePlan
{
    private const int MostShared = 128;

    // The joint that alone asks of a group; null for one of which several ask, or of which something is asked however the joints are made.
    private readonly int?[] _own;

    // The need whose packs each hold all that could ever be asked, and how much that is.
    private readonly long?[] _whole;
    private readonly ImmutableArray<int> _wholes;
    private readonly Dictionary<(int Need, int Once), int> _bits;
    private readonly ImmutableArray<UInt128> _later;

    public ChoicePlan(ChoiceProblem problem)
    {
        (Problem, Groups) = (problem, new PackGroups(problem));
        var asking = Enumerable.Range(0, Groups.Count).Select(_ => new HashSet<int>()).ToArray();
        foreach (var (joint, ways) in problem.Joints.Index())
        {
            foreach (var ask in ways.SelectMany(way => way.Asks)) asking[Groups.Of(ask.Need)].Add(joint);
        }

        var isFixed = new bool[Groups.Count];
        foreach (var ask in problem.Fixed) isFixed[Groups.Of(ask.Need)] = true;
        _own = [.. asking.Select((joints, group) => isFixed[group] || joints.Count != 1 ? (int?)null : joints.Single())];
        _whole = [.. Enumerable.Range(0, problem.Needs).Select(WholeOf)];
        // Beyond as many as there are bits it is remembered how much is asked of each.
        _wholes = [.. Enumerable.Range(0, problem.Needs).Where(need => _whole[need] is not null).Take(MostShared)];
        foreach (var need in Enumerable.Range(0, problem.Needs).Except(_wholes)) _whole[need] = null;
        var shared = problem.Joints.SelectMany(ways => ways.SelectMany(way => way.Asks).Where(ask => ask.Once is not null && !IsOwn(ask.Need)
                && _whole[ask.Need] is null).Select(ask => (ask.Need, ask.Once!.Value)).Distinct())
            .Concat(problem.Fixed.Where(ask => ask.Once is not null).Select(ask => (ask.Need, ask.Once!.Value)).Distinct())
            .CountBy(key => key).Where(pair => pair.Value > 1).Select(pair => pair.Key).ToArray();
        IsExact = shared.Length <= MostShared;
        _bits = shared.Take(MostShared).Index().ToDictionary(each => each.Item, each => each.Index);
        Stages = [.. InOrder(asking, isFixed)];
        _later = [.. Enumerable.Range(0, Stages.Length + 1).Select(OnceFrom)];
    }

    /// <summary>What is to be chosen.</summary>
    public ChoiceProblem Problem { get; }

    /// <summary>Which needs hang together.</summary>
    public PackGroups Groups { get; }

    /// <summary>Whether everything that joints may share is known as shared; where it is not, each is counted for itself.</summary>
    public bool IsExact { get; }

    /// <summary>The joints and groups in their order: one of both.</summary>
    public ImmutableArray<(int? Joint, int? Group)> Stages { get; }

    /// <summary>Whether only one joint asks of a need's group, so that it is bought for together with its way.</summary>
    public bool IsOwn(int need) => _own[Groups.Of(need)] is not null;

    /// <summary>Whether any one pack holds all that could ever be asked of a need.</summary>
    public bool IsWhole(int need) => _whole[need] is not null;

    /// <summary>Which of those needs are asked for, as bits.</summary>
    public UInt128 WholesIn(long[] asked)
    {
        var bits = UInt128.Zero;
        foreach (var (bit, need) in _wholes.Index())
        {
            if (asked[need] > 0) bits |= UInt128.One << bit;
        }

        return bits;
    }

    /// <summary>Whether no pack serves another need as well.</summary>
    public bool IsAlone(int need) => Groups.Needs[Groups.Of(need)].Length == 1;

    /// <summary>The bit of a thing that joints may share; null where they may not.</summary>
    public int? BitOf(int need, int once) => _bits.TryGetValue((need, once), out var bit) ? bit : null;

    /// <summary>Of what was asked for that others may share, what still can be from a stage on.</summary>
    public UInt128 StillShared(UInt128 once, int stage) => once & _later[stage];

    /// <summary>What is asked however the joints are made.</summary>
    public (long[] Asked, UInt128 Once) Start() => After(new long[Problem.Needs], 0, [.. ChoiceAsk.Together(Problem.Fixed)]);

    /// <summary>What is asked once these are asked as well.</summary>
    public (long[] Asked, UInt128 Once) After(long[] asked, UInt128 once, ImmutableArray<ChoiceAsk> asks)
    {
        if (asks.IsEmpty) return (asked, once);
        asked = (long[])asked.Clone();
        foreach (var ask in asks)
        {
            if (_whole[ask.Need] is { } whole)
            {
                asked[ask.Need] = whole;
                continue;
            }

            if (ask.Once is { } thing && BitOf(ask.Need, thing) is { } bit)
            {
                if ((once & (UInt128.One << bit)) != 0) continue;
                once |= UInt128.One << bit;
            }

            asked[ask.Need] += ask.Amount;
        }

        return (asked, once);
    }

    /// <summary>How many pieces of each need of a group are to be bought.</summary>
    public int[] OpenOf(int group, long[] asked) => [.. Groups.Needs[group].Select(need => ChoiceProblem.Pieces(asked[need]))];

    // Where any one pack holds all that could be asked, it does not matter how much is.
    private long? WholeOf(int need)
    {
        if (IsOwn(need)) return null;
        var most = Problem.Fixed.Where(ask => ask.Need == need).Sum(ask => ask.Amount)
            + Problem.Joints.Sum(ways => ways.Max(way => way.Asks.Where(ask => ask.Need == need).Sum(ask => ask.Amount)));
        var pieces = ChoiceProblem.Pieces(most);
        return pieces > 0 && Problem.Packs.SelectMany(pack => pack.Contents).Where(content => content.Needs.Contains(need))
            .All(content => content.Needs.Length == 1 && content.Count >= pieces) ? pieces * ChoiceProblem.Unit : null;
    }

    private IEnumerable<(int?, int?)> InOrder(HashSet<int>[] asking, bool[] isFixed)
    {
        // Groups of few joints first, and of those joints one after another which share something: they are soon done with.
        var left = Enumerable.Range(0, Groups.Count).Where(group => _own[group] is null && (isFixed[group] || asking[group].Count > 0))
            .OrderBy(group => asking[group].Count).ToList();
        var decided = new HashSet<int>();
        foreach (var group in left)
        {
            foreach (var joint in asking[group].OrderBy(joint => (FirstShared(joint, group), joint)).Where(decided.Add)) yield return (joint, null);
            yield return (null, group);
        }

        foreach (var joint in Enumerable.Range(0, Problem.Joints.Length).Where(decided.Add)) yield return (joint, null);

        int FirstShared(int joint, int group) => Problem.Joints[joint].SelectMany(way => way.Asks)
            .Where(ask => Groups.Of(ask.Need) == group && ask.Once is not null && BitOf(ask.Need, ask.Once.Value) is not null)
            .Select(ask => ask.Once!.Value).Append(int.MaxValue).Min();
    }

    // What joints from a stage on may still share.
    private UInt128 OnceFrom(int stage)
        => Stages.Skip(stage).Select(each => each.Joint).OfType<int>().SelectMany(joint => Problem.Joints[joint].SelectMany(way => way.Asks))
            .Where(ask => ask.Once is not null).Select(ask => BitOf(ask.Need, ask.Once!.Value)).OfType<int>()
            .Aggregate(UInt128.Zero, (all, bit) => all | (UInt128.One << bit));
}
