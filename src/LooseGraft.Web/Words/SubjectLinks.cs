using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;
using LooseGraft.Core.Wire;
using LooseGraft.Data;
using LooseGraft.Web.Stages;
using Microsoft.AspNetCore.WebUtilities;

namespace LooseGraft.Web.Words;

/// <summary>Leads from what a finding speaks of to the place where it can be changed.</summary>
public static class SubjectLinks
{
    /// <summary>The address of a subject.</summary>
    /// <param name="snapshot">The graft.</param>
    /// <param name="subject">What is spoken of.</param>
    /// <param name="stage">The stage to fall back upon.</param>
    public static string To(GraftSnapshot snapshot, Subject subject, Stage stage)
    {
        var root = $"/graft/{snapshot.Id}";
        return subject switch
        {
            PartSubject or SpaceSubject or AirWaySubject when stage == Stage.Cool => $"{QueryHelpers.AddQueryString($"{root}/cool", "at", subject.Text)}#{Anchor(subject)}",
            OfferSubject => $"{root}/buy/offers#{Anchor(subject)}",
            OrderSubject => $"{root}/buy/orders#{Anchor(subject)}",
            SellerSubject => $"{root}/buy#{Anchor(subject)}",
            PartSubject when stage == Stage.Buy => $"{root}/buy#{Anchor(subject)}",
            PortSubject or JointSubject when stage == Stage.Feed => PlaceLink(root, subject),
            PortSubject { Port: var port } when stage == Stage.Seat => $"{root}/seat?board={port.Part}#{Anchor(new SeatSubject(port.Part))}",
            PortSubject { Port: var port } when stage == Stage.Wire
                => JointOf(snapshot.Graft.InUse(), port) is { } joint ? $"{root}/wire?joint={joint.Id}" : StockLink(root, port),
            PartSubject { Part: var part } when stage == Stage.Feed => FedPartLink(snapshot, part),
            JointSubject { Joint: var joint } => $"{root}/wire?joint={joint}",
            PinSubject when stage == Stage.Prove => Prove(root, subject),
            PinSubject pin => PinLink(root, snapshot.Graft, pin),
            ReadingSubject { Reading: var reading } => Prove(root, ReadOn(snapshot.Graft, reading)),
            LifeSubject { Donor: var donor } => $"{root}/prove/life{(donor is null ? "" : $"?donor={donor}")}#{Anchor(subject)}",
            PartSubject { Part: var part } when stage == Stage.Wire => $"{root}/wire/{part}/sheet#lead-title",
            OldCaseSubject or NeedSubject or PartSubject => $"{root}/stock#{Anchor(subject)}",
            PlaneSubject { Plane: var plane } => $"{root}/seat?plane={plane}#{Anchor(subject)}",
            MountSubject { Plane: var plane } => $"{root}/seat?plane={plane}#{Anchor(subject)}",
            SeatSubject { Board: var board } => $"{root}/seat?board={board}#{Anchor(subject)}",
            HoleSubject { Board: var board } => $"{root}/seat?board={board}#{Anchor(subject)}",
            SurveySubject { Of: var of } => $"{root}/seat/survey?of={of}",
            BoxSubject { Box: var box } => BoxLink(root, snapshot.Graft.Seating, box),
            RunSubject { Run: var run }
                => ShellLink(root, snapshot.Graft.Seating.Runs.FirstOrDefault(each => each.Id == run)?.Plane, new ShellThing(ShellList.Lead, run)),
            SupplyPartSubject { Supply: var supply } => $"{root}/feed?supply={supply}#{Anchor(subject)}",
            DrawSubject { Load: var load } => $"{root}/feed?load={load}#{Anchor(subject)}",
            _ => $"{root}/{StagePages.Of(stage).Slug}",
        };
    }

    /// <summary>What a finding about something on the plan speaks of; null for what none speaks of by itself.</summary>
    public static Subject? Of(ShellThing thing) => thing.List switch
    {
        ShellList.Box => new BoxSubject(thing.Key),
        ShellList.Lead => new RunSubject(thing.Key),
        _ => null,
    };

    /// <summary>The id under which a page marks a subject; the same text gives the same id, and only letters, digits and hyphens stand in it.</summary>
    public static string Anchor(Subject subject)
        => "at" + string.Concat(subject.Text.Select(character => char.IsAsciiLetterOrDigit(character) ? character.ToString() : character switch
        {
            '+' => "p",
            '.' => "d",
            _ => "-",
        }));

    /// <summary>The address of the page about a fault of the circuit.</summary>
    public static string To(GraftSnapshot snapshot, CircuitFault fault)
        => QueryHelpers.AddQueryString($"/graft/{snapshot.Id}/wire/fault",
            new Dictionary<string, string?> { ["fault"] = fault.Fault.ToString(), ["giver"] = fault.Giver, ["taker"] = fault.Taker });

    /// <summary>The address at which what lies inside a part can be changed.</summary>
    public static string ToLink(int graft, Part part, PartLink link)
        => $"/graft/{graft}/stock/{part.Id}/{link.One.Port}#link-{part.Links.TakeWhile(other => other != link).Count()}";

    /// <summary>The address of a fact on the prove list.</summary>
    public static string Prove(int graft, Subject subject) => Prove($"/graft/{graft}", subject);

    private static string Prove(string root, Subject subject) => $"{root}/prove?fact={Uri.EscapeDataString(subject.Text)}";

    private static Subject ReadOn(Graft graft, string id)
        => graft.Readings.FirstOrDefault(reading => reading.Id == id) is { } found
            ? (found.Red is { } red ? new PinSubject(found.Port, red) : new PortSubject(found.Port))
            : Subject.Whole;

    // The place in the tree, with what it bears.
    private static string PlaceLink(string root, Subject place) => $"{root}/feed?node={Uri.EscapeDataString(place.Text)}#node";

    // Of a lead its wires are meant, of anything else what it draws.
    private static string FedPartLink(GraftSnapshot snapshot, string part)
        => snapshot.Graft.FindPart(part)?.Kind is PartKind.Lead or PartKind.Adapter ? PlaceLink($"/graft/{snapshot.Id}", new PartSubject(part))
            : snapshot.Graft.InUse().Loads.FirstOrDefault(load => load.Part == part && !load.Draws.IsEmpty) is { } load
                ? To(snapshot, new DrawSubject(load.Id, load.Draws[0].Rail, load.Draws[0].Socket), Stage.Feed) : $"/graft/{snapshot.Id}/feed#uncounted-{part}";

    // A pin is looked at in the first joint its port takes part in.
    private static string PinLink(string root, Graft graft, PinSubject pin)
        => JointOf(graft, pin.Port) is { } joint
            ? $"{root}/wire?joint={joint.Id}&pin={(joint.From == pin.Port ? "from" : "to")}-{pin.Position}"
            : StockLink(root, pin.Port);

    private static Joint? JointOf(Graft graft, PortId port) => graft.Joints.FirstOrDefault(joint => joint.From == port || joint.To == port);

    private static string StockLink(string root, PortId port) => $"{root}/stock#{Anchor(new PortSubject(port))}";

    // What stands on a board moves with it, and is described in its list.
    private static string BoxLink(string root, Seating seating, string id)
        => seating.Boxes.FirstOrDefault(each => each.Id == id) is { On: var on } && seating.FindPlane(on) is null
            ? $"{root}/seat/lists?board={on}#boxes"
            : ShellLink(root, seating.Boxes.FirstOrDefault(each => each.Id == id)?.On, new ShellThing(ShellList.Box, id));

    // On the picture of its base, chosen, with its figures and what is said of it beside it.
    private static string ShellLink(string root, string? plane, ShellThing thing)
        => $"{root}/seat?plane={plane}&hand=shell&things={Uri.EscapeDataString(thing.ToString())}#{Anchor(new PlaneSubject(plane ?? ""))}";
}
