using System.Collections.Immutable;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using LooseGraft.Core;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Cli;

/// <summary>A review as a program reads it.</summary>
internal static class ReviewJson
{
    /// <summary>How everything is written for programs.</summary>
    public static readonly JsonSerializerOptions Options = new()
    {
        WriteIndented = true,
        PropertyNamingPolicy = JsonNamingPolicy.CamelCase,
        DictionaryKeyPolicy = JsonNamingPolicy.KebabCaseLower,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower) },
    };

    private static readonly JsonSerializerOptions OnOneLine = new(Options) { WriteIndented = false };

    public static string Of(IEnumerable<FileError> errors) => JsonSerializer.Serialize(new { Errors = errors }, Options);

    public static string Of(Review review, IEnumerable<string> notes) => Node(review, notes).ToJsonString(Options);

    /// <summary>One of several files, on a line of its own.</summary>
    public static string Line(string file, GraftFileResult result, Review? review)
    {
        var line = new JsonObject { ["file"] = file };
        var answer = review is null ? JsonSerializer.SerializeToNode(new { result.Errors }, Options)!.AsObject() : Node(review, result.Notes);
        foreach (var (name, value) in answer.ToArray())
        {
            answer.Remove(name);
            line[name] = value;
        }

        return line.ToJsonString(OnOneLine);
    }

    private static JsonObject Node(Review review, IEnumerable<string> notes) => JsonSerializer.SerializeToNode(new
    {
        review.Graft.Name,
        Findings = review.Findings.Select(Finding),
        Figures = WithStages(review, new
        {
            Stops = review.Stops,
            FactsUnproven = review.Unproven.Length,
            MoneyLeft = review.Buy.Left?.Amount,
            review.Graft.Currency,
            Tightest = review.Feed.Tightest is { } tightest
                ? new { Subject = tightest.Subject.Text, LeftWatts = FeedJson.Rounded(tightest.InWatts(tightest.LeastLeft)?.Value) }
                : null,
            Supplies = review.Feed.Supplies.Select(supply => FeedJson.Of(review, supply)),
            Seating = SeatJson.Of(review),
            Joints = review.Wire.Joints.Select(Joint),
            JointsByMethod = Enum.GetValues<JointMethod>()
                .ToDictionary(method => method.ToString(), method => review.Wire.Joints.Count(joint => joint.Joint.Method == method)),
        }),
        NextCut = new { review.NextCut.Do, review.NextCut.Because, Subject = review.NextCut.Subject.Text, review.NextCut.Stage },
        Notes = notes,
    }, Options)!.AsObject();

    // Each stage's own figures stand under its name, after those of the graft as a whole.
    private static JsonObject WithStages(Review review, object whole)
    {
        var figures = JsonSerializer.SerializeToNode(whole, Options)!.AsObject();
        // Before anybody has told the air anything there is nothing to answer for.
        if (review.Cool.IsBegun) figures["cooling"] = JsonSerializer.SerializeToNode(CoolJson.Of(review), Options);
        foreach (var (stage, own) in review.Stages.Figures) figures[JsonNamingPolicy.CamelCase.ConvertName(stage.ToString())] = FiguresJson.Of(own, Options);
        return figures;
    }

    private static FindingJson Finding(Finding finding)
        => new(finding.Rule.Code, finding.Severity, finding.Subject.Text, finding.Message, finding.Evidence, finding.Remedies,
            finding.Case is { } found ? FiguresJson.Of(found, Options) : null);

    private static object Joint(JointReview review) => new
    {
        review.Joint.Id,
        review.Joint.Method,
        Verdict = review.Verdict.Kind,
        review.Verdict.Words,
        review.Verdict.Because,
        Contacts = review.Decided.Length,
        Placements = review.PlacementCount,
        DangerousPlacements = review.Hazards.Length,
        ProposedWires = review.Proposal.Length,
        review.WiresToMove,
        WorstSeverity = review.Worst,
    };

    private sealed record FindingJson(
        string Code, Severity Severity, string Subject, string Message, Evidence Evidence, ImmutableArray<string> Remedies,
        [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] JsonObject? Case);
}
