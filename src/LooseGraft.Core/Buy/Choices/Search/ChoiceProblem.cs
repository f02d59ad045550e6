using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>What is to be chosen, in bare numbers: ways of joints, what they and everything else need, and the packs that meet it.</summary>
/// <remarks>Money is in millionths, so that a price times a rate and a tax is a whole number; amounts are in millionths of a piece or metre.</remarks>
/// <param name="Needs">How many needs there are.</param>
/// <param name="Fixed">What is needed however the joints are made.</param>
/// <param name="Joints">The ways of each joint, one or more; one of them is taken.</param>
/// <param name="Sellers">Who sells, at most <see cref="MostSellers"/>.</param>
/// <param name="Packs">What can be had.</param>
public sealed record ChoiceProblem(
    int Needs, ImmutableArray<ChoiceAsk> Fixed, ImmutableArray<ImmutableArray<ChoiceWay>> Joints, ImmutableArray<ChoiceSeller> Sellers,
    ImmutableArray<ChoicePack> Packs)
{
    /// <summary>The most sellers that are chosen among: every set of them is tried.</summary>
    public const int MostSellers = 8;

    /// <summary>Millionths in one.</summary>
    public const long Unit = 1_000_000;

    /// <summary>How many pieces of each need are wanted, when the joints are made so.</summary>
    /// <param name="ways">Which way each joint takes.</param>
    internal int[] PiecesFor(IReadOnlyList<int> ways)
    {
        var asked = new long[Needs];
        foreach (var ask in ChoiceAsk.Together(Fixed.Concat(Joints.SelectMany((each, joint) => each[ways[joint]].Asks)))) asked[ask.Need] += ask.Amount;
        return [.. asked.Select(Pieces)];
    }

    /// <summary>The same where nobody asks for a need.</summary>
    internal ChoiceProblem Without(int need)
        => this with
        {
            Fixed = Fixed.RemoveAll(ask => ask.Need == need),
            Joints = [.. Joints.Select(ways => ways.Select(way => way with { Asks = way.Asks.RemoveAll(ask => ask.Need == need) }).ToImmutableArray())],
        };

    /// <summary>So much in whole pieces.</summary>
    internal static int Pieces(long amount) => (int)((amount + Unit - 1) / Unit);
}
