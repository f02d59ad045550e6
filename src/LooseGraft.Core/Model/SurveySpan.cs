namespace LooseGraft.Core.Model;

/// <summary>One distance, as a builder writes it.</summary>
/// <param name="From">A point such as <c>h1</c>, or an edge: left, right, rear, front.</param>
/// <param name="To">Another point or edge; <c>across</c> for the diameter of a hole.</param>
/// <param name="Text">The reading as typed: <c>146.2</c>, <c>5 3/4 in</c>, <c>26 + .4</c>.</param>
public sealed record SurveySpan(string From, string To, string Text)
{
    /// <summary>What the caliper was put against.</summary>
    public SpanKind Kind { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
