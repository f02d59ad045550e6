using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Switches;

/// <summary>Finds out from beeps, in any order, what sort of switch lies on the desk and which of its legs to use.</summary>
/// <remarks>
/// Every way a single switch with up to <see cref="MostLegs"/> legs can be built is listed: each partition of the legs into groups that are joined for
/// good (Bell numbers: 2, 5, 15, 52, 203 for 2 to 6 legs) with each sort of contact between groups. Readings strike out what does not fit. Exact.
/// </remarks>
public sealed class SwitchTest
{
    /// <summary>Legs of the largest switch that is looked into.</summary>
    public const int MostLegs = 6;

    private static readonly SwitchAct[] Acts = Enum.GetValues<SwitchAct>();

    // What switches of so many legs there can be is the same whoever asks.
    private static readonly ImmutableArray<Lazy<SwitchTest>> Unread =
        [.. Enumerable.Range(0, MostLegs + 1).Select(legs => new Lazy<SwitchTest>(() => Untouched(legs)))];

    private SwitchTest(int legs, ImmutableArray<LegReading> readings, ImmutableArray<SwitchGuess> left, ImmutableArray<LegReading> conflicting,
        LegReading? next)
        => (Legs, Readings, Left, Conflicting, Next) = (legs, readings, left, conflicting, next);

    /// <summary>How many legs it has.</summary>
    public int Legs { get; }

    /// <summary>What was read.</summary>
    public ImmutableArray<LegReading> Readings { get; }

    /// <summary>What it may still be. When readings conflict: what it may be once those in conflict are left out.</summary>
    public ImmutableArray<SwitchGuess> Left { get; }

    /// <summary>The fewest readings whose removal lets the others be true together; empty when nothing conflicts.</summary>
    public ImmutableArray<LegReading> Conflicting { get; }

    /// <summary>The reading to take next: the one that leaves the fewest guesses in the worse case; null when no reading would tell more.</summary>
    public LegReading? Next { get; }

    /// <summary>What it is; null while that is open.</summary>
    public SwitchGuess? Is => Left.Length == 1 && Conflicting.IsEmpty ? Left[0] : null;

    /// <summary>Works out what the readings leave.</summary>
    /// <param name="legs">From 2 to <see cref="MostLegs"/>.</param>
    /// <param name="readings">Readings between different legs.</param>
    /// <exception cref="ArgumentOutOfRangeException">Too few or too many legs, or a reading of a leg it does not have.</exception>
    public static SwitchTest Of(int legs, IEnumerable<LegReading> readings)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(legs, 2);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(legs, MostLegs);
        var taken = readings.ToImmutableArray();
        if (taken.Any(reading => reading.One == reading.Other || Math.Min(reading.One, reading.Other) < 1 || Math.Max(reading.One, reading.Other) > legs))
            throw new ArgumentOutOfRangeException(nameof(readings), "A reading lies between two different legs of the switch.");
        if (taken.IsEmpty) return Unread[legs].Value;
        var all = Unread[legs].Value.Left;
        var conflicting = FewestInConflict(all, taken);
        var left = Fitting(all, taken.RemoveRange(conflicting));
        return new SwitchTest(legs, taken, left, conflicting, NextFor(legs, left));
    }

    private static SwitchTest Untouched(int legs)
    {
        var all = Guesses(legs);
        return new SwitchTest(legs, [], all, [], NextFor(legs, all));
    }

    /// <summary>What it is, or what it may be, in words.</summary>
    public string Words()
    {
        if (!Conflicting.IsEmpty) return "These readings cannot all be true: one of those marked was a slip, or the switch is not one of the simple sorts.";
        if (Is is { } known) return Describe(known);
        var kinds = Left.Select(guess => KindWords(guess.Kind)).Distinct().ToArray();
        return kinds.Length == 1 ? $"It is {kinds[0]}; which legs is still open." : $"Still open: {string.Join("; or ", kinds)}.";
    }

    /// <summary>A leg reading in words.</summary>
    public static string Words(LegReading reading)
        => $"legs {reading.One} and {reading.Other} {ActWords(reading.Act)}: {(reading.Joined ? "beep" : "no beep")}";

    /// <summary>What is done to the switch, in words.</summary>
    public static string ActWords(SwitchAct act) => act switch
    {
        SwitchAct.AtRest => "as found",
        SwitchAct.Held => "held down",
        SwitchAct.PressedOnce => "after one press",
        SwitchAct.PressedTwice => "after two presses",
        _ => throw new ArgumentOutOfRangeException(nameof(act), act, null),
    };

    private static string Describe(SwitchGuess guess)
    {
        var inside = string.Join(" and ", guess.GroupOf.Distinct().Select(group => Group(guess, group)).Where(legs => legs.Length > 1).Select(Join));
        var joined = inside.Length > 0 ? $" Joined inside for good: {inside}." : "";
        return guess.Kind switch
        {
            SwitchKind.Still => $"Nothing moves between these legs: no switch there, or a dead one.{joined}",
            SwitchKind.MomentaryChangeover or SwitchKind.LatchingChangeover =>
                $"It is {KindWords(guess.Kind)}: common {Join(Group(guess, guess.Common))}, as found joined to {Join(Group(guess, guess.AtRest))}, pressed to {Join(Group(guess, guess.Else))}.{joined}",
            _ => $"It is {KindWords(guess.Kind)}: use leg {Group(guess, guess.Common)[0]} and leg {Group(guess, guess.AtRest)[0]}.{joined}",
        };
    }

    private static string KindWords(SwitchKind kind) => kind switch
    {
        SwitchKind.MomentaryNormallyOpen => "momentary, normally open",
        SwitchKind.MomentaryNormallyClosed => "momentary, normally closed",
        SwitchKind.LatchingFoundOpen => "latching, found open",
        SwitchKind.LatchingFoundClosed => "latching, found closed",
        SwitchKind.MomentaryChangeover => "a momentary changeover",
        SwitchKind.LatchingChangeover => "a latching changeover",
        _ => "no switch at all",
    };

    private static int[] Group(SwitchGuess guess, int group) => [.. guess.GroupOf.Index().Where(leg => leg.Item == group).Select(leg => leg.Index + 1)];

    private static string Join(int[] legs) => string.Join("–", legs);

    private static ImmutableArray<SwitchGuess> Fitting(IEnumerable<SwitchGuess> guesses, ImmutableArray<LegReading> readings)
        => [.. guesses.Where(guess => readings.All(reading => guess.Joins(reading.One, reading.Other, reading.Act) == reading.Joined))];

    // Any guess is contradicted by some readings; the guess that fits best leaves the fewest. Exact, in time guesses times readings.
    private static ImmutableArray<LegReading> FewestInConflict(ImmutableArray<SwitchGuess> guesses, ImmutableArray<LegReading> readings)
    {
        var fewest = readings;
        foreach (var guess in guesses)
        {
            var against = readings.Where(reading => guess.Joins(reading.One, reading.Other, reading.Act) != reading.Joined).ToImmutableArray();
            if (against.Length < fewest.Length) fewest = against;
            if (fewest.IsEmpty) break;
        }

        return fewest;
    }

    private static LegReading? NextFor(int legs, ImmutableArray<SwitchGuess> left)
        => (from act in Acts
            from one in Enumerable.Range(1, legs)
            from other in Enumerable.Range(one + 1, legs - one)
            let joined = left.Count(guess => guess.Joins(one, other, act))
            where joined > 0 && joined < left.Length
            select (Reading: new LegReading(one, other, act, false), Worse: Math.Max(joined, left.Length - joined)))
            .OrderBy(candidate => candidate.Worse).Select(candidate => candidate.Reading).FirstOrDefault();

    private static ImmutableArray<SwitchGuess> Guesses(int legs)
        => [.. from groups in Partitions(legs) from guess in Guesses(groups) select guess];

    private static IEnumerable<SwitchGuess> Guesses(ImmutableArray<int> groups)
    {
        var count = groups.Max() + 1;
        yield return new SwitchGuess(SwitchKind.Still, groups, -1, -1, -1);
        for (var one = 0; one < count; one++)
        {
            for (var other = one + 1; other < count; other++)
            {
                foreach (var kind in new[]
                {
                    SwitchKind.MomentaryNormallyOpen, SwitchKind.MomentaryNormallyClosed, SwitchKind.LatchingFoundOpen, SwitchKind.LatchingFoundClosed,
                })
                    yield return new SwitchGuess(kind, groups, one, other, -1);
            }
        }

        foreach (var (common, rest, other) in from c in Enumerable.Range(0, count)
                                              from r in Enumerable.Range(0, count)
                                              from e in Enumerable.Range(0, count)
                                              where c != r && c != e && r != e
                                              select (c, r, e))
        {
            yield return new SwitchGuess(SwitchKind.MomentaryChangeover, groups, common, rest, other);
            yield return new SwitchGuess(SwitchKind.LatchingChangeover, groups, common, rest, other);
        }
    }

    // Restricted growth strings: each leg joins one of the groups so far or begins the next.
    private static IEnumerable<ImmutableArray<int>> Partitions(int legs)
    {
        if (legs == 0) return [[]];
        return from start in Partitions(legs - 1)
               from next in Enumerable.Range(0, start.IsEmpty ? 1 : start.Max() + 2)
               select start.Add(next);
    }
}
