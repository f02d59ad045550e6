using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Where the air goes, how warm it gets, and who gets too hot in it.</summary>
public sealed partial class CoolModel(GraftStore store, ReviewDesk reviews, TimeProvider clock) : GraftPageModel(store, reviews)
{
    /// <summary>What a form brings for an opening that is shut.</summary>
    public const string Shut = "shut";

    /// <summary>What a form brings for a part outside the shell.</summary>
    public const string Outside = "/";

    /// <summary>What the machine is doing.</summary>
    [BindProperty(SupportsGet = true, Name = "work")]
    public HeatCase Work { get; set; } = HeatCase.Peak;

    /// <summary>What is looked at closely, as the text of its subject; nothing for the shell as a whole.</summary>
    [BindProperty(SupportsGet = true, Name = "at")]
    public string? At { get; set; }

    /// <summary>What is concluded of the graft as it is.</summary>
    public CoolReview Cool => Review.Cool;

    /// <summary>How warm everything gets at that work, as it is shown.</summary>
    public CoolOutlook Outlook => Shown.At(Work);

    /// <summary>What is looked at closely; null for nothing that is there.</summary>
    public Subject? Chosen => SubjectText.Read(At) switch
    {
        PartSubject { Part: var part } subject when Graft.FindPart(part) is not null => subject,
        SpaceSubject { Space: var space } subject when Graft.AirSpaces().Any(each => each.Id == space) => subject,
        AirWaySubject { Way: var way } subject when Graft.AirWays().Any(each => each.Key == way) => subject,
        { } whole when whole == Subject.Whole => whole,
        _ => null,
    };

    /// <summary>The picture from above, or from the side.</summary>
    public AirPicture Picture(bool isFromSide) => new(Shown.Scene, Outlook, isFromSide);

    /// <summary>What the rules say, thing by thing.</summary>
    public IEnumerable<IGrouping<Subject, Finding>> Told => Review.At(Core.Findings.Stage.Cool).GroupBy(finding => finding.Subject);

    /// <summary>The address of this page with something looked at closely.</summary>
    public string To(Subject? subject) => Link(("at", subject?.Text));

    /// <summary>What a space is called; the room for none.</summary>
    public string SpaceName(int space) => space < 0 ? CoolingNames.Room : Shown.Scene.Spaces[space].Name;

    /// <summary>Which way air goes along a way, in words.</summary>
    public string Goes(CoolWay way, Spread<LitresPerSecond> flow)
        => flow.Likely.Value >= 0 ? $"{SpaceName(way.From)} to {SpaceName(way.To)}" : $"{SpaceName(way.To)} to {SpaceName(way.From)}";

    /// <summary>How much goes along it, whichever way.</summary>
    public static Spread<LitresPerSecond> Amount(Spread<LitresPerSecond> flow)
        => flow.Likely.Value >= 0 ? flow : new(new(-flow.High.Value), new(-flow.Likely.Value), new(-flow.Low.Value));

    /// <summary>What is in a way, its fans included.</summary>
    public string Inside(int way)
    {
        var found = Shown.Scene.Ways[way];
        string?[] inside =
        [
            AirCoverFact.Of(found.Cover).Name, found.Filter == AirFilter.None ? null : $"{found.Filter.ToString().ToLowerInvariant()} filter",
            .. Shown.Scene.Fans.Where(fan => fan.Way == way).Select(fan => fan.Name),
        ];
        return string.Join(", ", inside.OfType<string>());
    }

    /// <summary>What a graft says of a fan; null for one that nobody placed.</summary>
    public FanPlace? FanOf(string part) => Graft.Cooling.Fans.FirstOrDefault(fan => fan.Part == part);

    /// <summary>What a subject is called.</summary>
    public string NameOf(Subject subject) => subject switch
    {
        PartSubject { Part: var part } => Graft.NameOf(part),
        SpaceSubject { Space: var space } => Graft.NameOfSpace(space),
        AirWaySubject { Way: var way } => Graft.NameOfWay(way),
        _ => "the shell as a whole",
    };

    protected override void OnShown() => (_tried, _fans) = (null, null);
}
