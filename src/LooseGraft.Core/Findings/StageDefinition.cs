using System.Collections.Immutable;
using System.Reflection;

namespace LooseGraft.Core.Findings;

/// <summary>A stage that computes: all that the product has to know of it.</summary>
/// <param name="Stage">Which.</param>
/// <param name="Review">Looks at a graft. A pure function.</param>
/// <param name="Rules">Its rules, in order of code.</param>
public sealed record StageDefinition(Stage Stage, Func<StageInput, IStageReview> Review, ImmutableArray<Rule> Rules)
{
    /// <summary>The earlier stages whose conclusions it asks for; it is told of no others.</summary>
    public ImmutableArray<Stage> Asks { get; init; } = [];

    /// <summary>Whether what lies outside the graft bears on what it says.</summary>
    public bool LooksAround { get; init; }

    /// <summary>The rules that a class holds in its fields; a rule registers itself by being written there.</summary>
    internal static ImmutableArray<Rule> RulesIn(Type rules)
        => [.. rules.GetFields(BindingFlags.Static | BindingFlags.NonPublic | BindingFlags.Public).Select(field => field.GetValue(null)).OfType<Rule>()
            .OrderBy(rule => rule.Code, StringComparer.Ordinal)];
}
