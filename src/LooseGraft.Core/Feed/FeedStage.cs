using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>The Feed stage: what each supply can give against what is drawn from it.</summary>
public static class FeedStage
{
    /// <summary>Reviews the feeding of a graft: time linear in the number of draws times the limits each counts against.</summary>
    public static FeedReview Review(Graft graft)
    {
        var names = graft.Parts.ToDictionary(part => part.Id, part => part.Name);
        var drawsBySupply = graft.Loads.SelectMany(load => load.Draws.Select(draw => (load.Supply, Draw: draw))).ToLookup(pair => pair.Supply, pair => pair.Draw);
        var supplies = graft.Supplies
            .Select(supply => new SupplyReview(supply, names.GetValueOrDefault(supply.Part, supply.Part), Limits(supply, [.. drawsBySupply[supply.Id]])))
            .ToImmutableArray();
        return new FeedReview(supplies, FeedFindings.Of(graft, supplies));
    }

    /// <summary>What a draw takes in one load case.</summary>
    public static Spread<Amps> Current(Draw draw, LoadCase loadCase) => loadCase switch
    {
        LoadCase.Idle => draw.Idle,
        LoadCase.Typical => draw.Typical,
        LoadCase.Peak => draw.Peak,
        _ => throw new ArgumentOutOfRangeException(nameof(loadCase), loadCase, null),
    };

    private static ImmutableArray<FeedLimit> Limits(Supply supply, IReadOnlyList<Draw> draws)
    {
        var rails = supply.Rails.ToDictionary(rail => rail.Name);
        var limits = supply.Rails.Select(rail => Limit(FeedLimitKind.Rail, rail.Name, Findings.SubjectPath.Rail(supply.Id, rail.Name), rail.Voltage,
            new Known<Watts>(rail.Voltage * rail.Limit.Value, rail.Limit.Evidence, rail.Limit.Note), [rail.Name], rails, draws))
            .Concat(supply.Combined.Index().Select(shared => Limit(FeedLimitKind.Combined, string.Join(" with ", shared.Item.Rails),
                Findings.SubjectPath.Combined(supply.Id, shared.Index), null, shared.Item.Limit, shared.Item.Rails, rails, draws)));
        if (supply.Total is { Limit: var total })
            limits = limits.Append(Limit(FeedLimitKind.Total, "in all", Findings.SubjectPath.Total(supply.Id), null, total, rails.Keys, rails, draws));
        return [.. limits];
    }

    private static FeedLimit Limit(
        FeedLimitKind kind, string name, Findings.SubjectPath subject, Volts? voltage, Known<Watts> limit,
        IEnumerable<string> covered, Dictionary<string, Rail> rails, IReadOnlyList<Draw> draws)
    {
        var names = covered.ToHashSet();
        var counted = draws.Where(draw => names.Contains(draw.Rail) && rails.ContainsKey(draw.Rail)).ToArray();
        var uses = Enum.GetValues<LoadCase>().Select(loadCase => FeedUse.Of(
            counted.Aggregate(Spread<Watts>.Exactly(Watts.Zero), (sum, draw) => sum + Power(draw, loadCase, rails)), limit.Value));
        var unproven = counted.Where(draw => !draw.Evidence.IsProven())
            .Aggregate(Watts.Zero, (sum, draw) => sum + Power(draw, LoadCase.Peak, rails).High);
        return new FeedLimit(kind, name, subject, voltage, limit, [.. uses],
            counted.Select(draw => draw.Evidence).Append(limit.Evidence).Weakest(), unproven);
    }

    // A negative figure is reported as a finding; counting it would let one mistake hide another overload.
    private static Spread<Watts> Power(Draw draw, LoadCase loadCase, Dictionary<string, Rail> rails)
        => Current(draw, loadCase).Rising(current => rails[draw.Rail].Voltage * (current < Amps.Zero ? Amps.Zero : current));
}
