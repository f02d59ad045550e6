using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;

namespace LooseGraft.Web.Words;

/// <summary>The word and the shape of each verdict. Both are always shown together; colour only repeats them.</summary>
public static class SeverityWords
{
    /// <summary>The name of a verdict's shape, which is also its word: stop, fix, check, note, or fine.</summary>
    public static string Shape(this Severity? severity) => severity?.ToString().ToLowerInvariant() ?? "fine";

    /// <inheritdoc cref="Shape(Severity?)"/>
    public static string Shape(this Severity severity) => ((Severity?)severity).Shape();

    /// <inheritdoc cref="Shape(Severity?)"/>
    public static string Shape(this JointContact contact)
        => contact.Judgement.Severity is { } severity && severity > Severity.Check ? severity.Shape()
            : contact.ProveFirst is not null ? Severity.Check.Shape()
            : contact.Judgement.Severity.Shape();

    /// <inheritdoc cref="Shape(Severity?)"/>
    public static string ShapeAt(this FeedLimit limit, LoadCase loadCase)
        => limit.SeverityAt(loadCase)?.Shape() ?? (limit.In(loadCase).Verdict == FeedVerdict.CarriesTightly ? "note" : "fine");

    /// <summary>The verdict as a builder says it.</summary>
    public static string Words(this FeedVerdict verdict) => verdict switch
    {
        FeedVerdict.Carries => "carries it",
        FeedVerdict.CarriesTightly => "carries it, little to spare",
        FeedVerdict.MayNotCarry => "may not carry it",
        _ => "does not carry it",
    };
}
