using System.Globalization;
using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Asking;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.WebUtilities;

namespace LooseGraft.Web.Pages;

/// <summary>What Cool works out beyond its review: what would help one hot thing, and an answer that was asked for.</summary>
/// <param name="At">What is looked at closely, as the text of its subject.</param>
/// <param name="Ask">What is asked for; null for nothing.</param>
/// <param name="Limit">What the thing must stay under, in whole degrees Celsius; null for what is comfortable.</param>
/// <param name="Way">The opening that is asked for; null for a new one.</param>
public sealed record CoolBeyond(string? At, CoolAsk? Ask, int? Limit, string? Way)
{
    /// <summary>Between which degrees a limit may be asked for.</summary>
    public const int LeastLimit = 30;

    public const int MostLimit = 120;

    private const string Begins = "cool?";

    /// <summary>Reads what <see cref="Key"/> wrote; null where it is none.</summary>
    public static CoolBeyond? Read(string? key)
    {
        if (key?.StartsWith(Begins, StringComparison.Ordinal) != true) return null;
        var said = QueryHelpers.ParseQuery(key[Begins.Length..]);
        string? Said(string name) => said.TryGetValue(name, out var value) ? (string?)value : null;
        return Of(Said("at"), Said("ask"), Said("limit"));
    }

    /// <summary>What an address asks for.</summary>
    /// <param name="at">What is looked at closely.</param>
    /// <param name="ask">A question, and after a colon the opening that it is about; anything else asks nothing.</param>
    /// <param name="limit">What the thing must stay under.</param>
    public static CoolBeyond Of(string? at, string? ask, string? limit)
    {
        var way = ask?.Split(':', 2) is [_, { Length: > 0 } said] ? said : null;
        var known = Enum.TryParse<CoolAsk>(ask?.Split(':')[0], ignoreCase: true, out var found) && Enum.IsDefined(found) ? found : (CoolAsk?)null;
        return new CoolBeyond(at, known, LimitOf(limit), known == CoolAsk.Opening ? way : null);
    }

    /// <summary>A question as an address has it.</summary>
    public static string TextOf(CoolAsk ask, string? way = null) => ask.ToString().ToLowerInvariant() + (way is null ? "" : $":{way}");

    /// <summary>A limit as it is typed; null for none that can be asked for.</summary>
    public static int? LimitOf(string? text)
        => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var limit) && limit is >= LeastLimit and <= MostLimit ? limit : null;

    /// <summary>What names it in an address.</summary>
    public string Key => Begins + QueryHelpers.AddQueryString("", new Dictionary<string, string?>
    {
        ["at"] = At,
        ["ask"] = Ask is { } ask ? TextOf(ask, Way) : null,
        ["limit"] = Limit?.ToString(CultureInfo.InvariantCulture),
    }.Where(pair => pair.Value is not null)).TrimStart('?');

    /// <summary>The work.</summary>
    public BeyondReview AsWork() => new(Key, "What would make it cooler", Stage.Cool, (review, work) =>
    {
        if (SpotOf(review.Cool) is not { } spot) return;
        review.CuresFor(spot.Spot.Part, spot.Spot.Kind, work);
        if (QuestionFor(review.Cool) is { } question) review.AnswerTo(question, work);
    });

    /// <summary>The hot thing that is meant, at peak: that of the part looked at, or the tightest of all; null where nothing is known of any.</summary>
    public SpotOutlook? SpotOf(CoolReview cool)
    {
        if (!cool.IsBegun) return null;
        var spots = cool.At(HeatCase.Peak).Spots;
        var own = SubjectText.Read(At) is PartSubject { Part: var part } ? CoolOutlook.TightestOf(spots.Where(spot => spot.Spot.Part == part)) : null;
        return own ?? CoolOutlook.TightestOf(spots);
    }

    /// <summary>What is asked; null for nothing.</summary>
    public CoolQuestion? QuestionFor(CoolReview cool)
        => Ask is { } ask && SpotOf(cool) is { Spot: var spot } ? new CoolQuestion(ask, spot.Part, spot.Kind, Limit ?? spot.Limit.Comfortable, Way) : null;
}
