using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Quantities;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Where the air goes, how warm it gets, and who gets too hot in it.</summary>
public sealed class CoolModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    /// <summary>What the machine is doing.</summary>
    [BindProperty(SupportsGet = true, Name = "work")]
    public HeatCase Work { get; set; } = HeatCase.Peak;

    /// <summary>What is shown.</summary>
    public CoolReview Cool => Review.Cool;

    /// <summary>How warm everything gets at that work.</summary>
    public CoolOutlook Outlook => Cool.At(Work);

    /// <summary>What the rules say, thing by thing.</summary>
    public IEnumerable<IGrouping<Subject, Finding>> Told => Review.At(Core.Findings.Stage.Cool).GroupBy(finding => finding.Subject);

    /// <summary>The thing that is nearest to a limit, or farthest beyond one, by its upper bound; null where nothing is known.</summary>
    public SpotOutlook? Tightest => Outlook.Spots.Where(spot => spot.Temperature is not null)
        .MaxBy(spot => (spot.Worst, spot.Temperature!.Value.High.Value - spot.Spot.Limit.Comfortable));

    /// <summary>What a space is called; the room for none.</summary>
    public string SpaceName(int space) => space < 0 ? "the room" : Cool.Scene.Spaces[space].Name;

    /// <summary>Which way air goes along a way, in words.</summary>
    public string Goes(CoolWay way, Spread<LitresPerSecond> flow)
        => flow.Likely.Value >= 0 ? $"{SpaceName(way.From)} to {SpaceName(way.To)}" : $"{SpaceName(way.To)} to {SpaceName(way.From)}";

    /// <summary>How much goes along it, whichever way.</summary>
    public static Spread<LitresPerSecond> Amount(Spread<LitresPerSecond> flow)
        => flow.Likely.Value >= 0 ? flow : new(new(-flow.High.Value), new(-flow.Likely.Value), new(-flow.Low.Value));

    /// <summary>What a subject is called.</summary>
    public string NameOf(Subject subject) => subject switch
    {
        PartSubject { Part: var part } => Graft.NameOf(part),
        SpaceSubject { Space: var space } => Cool.Scene.Spaces.FirstOrDefault(each => each.Id == space)?.Name ?? space,
        AirWaySubject { Way: var way } => Cool.Scene.Ways.FirstOrDefault(each => each.Key == way)?.Name ?? way,
        _ => "The shell as a whole",
    };
}
