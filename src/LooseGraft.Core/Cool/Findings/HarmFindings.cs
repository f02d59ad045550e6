using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Findings;

/// <summary>What warm air softens or harms that makes no heat of its own: what holds a board, and a battery behind a sheet.</summary>
internal static class HarmFindings
{
    public static IEnumerable<Finding> Of(Graft graft, CoolScene scene, CoolOutlook outlook)
        => [.. Boards(graft, scene, outlook), .. Batteries(graft, scene, outlook)];

    private static IEnumerable<Finding> Boards(Graft graft, CoolScene scene, CoolOutlook outlook)
    {
        foreach (var seat in graft.Seating.Seats)
        {
            if (graft.FindPart(seat.Part) is not { } board || ScenePlaces.SpaceOf(graft, board, [.. scene.Spaces]) is not (>= 0 and var space)) continue;
            foreach (var held in seat.Holes.GroupBy(hole => Softens(hole.Method)))
            {
                if (held.Key is not { } by) continue;
                var words = by.Harmed == Harmed.Glue ? "glued pillars" : "ties or studs of plastic";
                var softens = by.Harmed == Harmed.Glue ? "quick epoxy and hot-melt glue soften" : "the usual polyamide gives way";
                if (Found(new PartSubject(board.Id), by.Harmed, board.Id, outlook.Spaces[space], by.From,
                    $"{board.Name} is held by {words} in air of {outlook.Spaces[space]} at peak; {softens} from about {by.From:0} °C.",
                    "hold it by screws") is { } found) yield return found;
            }
        }
    }

    private static IEnumerable<Finding> Batteries(Graft graft, CoolScene scene, CoolOutlook outlook)
        => from plane in graft.Seating.Planes
           let space = ScenePlaces.SpaceOn(graft, plane.Id, [.. scene.Spaces])
           where space >= 0
           from area in plane.BehindAreas
           where area.Kind == BehindKind.Battery
           let found = Found(new SpaceSubject(scene.Spaces[space].Id), Harmed.Battery, plane.Id, outlook.Spaces[space], HeatLimit.PackStands,
               $"{area.Name.Capitalised()} lies behind {plane.Name}, over which the air gets to {outlook.Spaces[space]} at peak; a lithium pack stands about {HeatLimit.PackStands:0} °C: warmer it ages fast, swells, and may burn when it is charged.",
               "where nothing needs it, take the battery out whole, without prying or bending it", "keep air between it and what is warm")
           where found is not null
           select found;

    private static Finding? Found(Subject subject, Harmed harmed, string on, Spread<Celsius> air, double most, string words, params string[] remedies)
        => air.High.Value <= most ? null : Finding.Of(CoolRules.WarmAirHarms, subject, new WarmAirHarms(on, harmed, air.Likely, air.High, new Celsius(most)),
            words, Evidence.Assumed, [.. remedies, "let more air through, or hold parts to fewer watts"])
            with
        { Severity = air.Likely.Value > most ? Severity.Fix : Severity.Check };

    private static (Harmed Harmed, double From)? Softens(MountMethod? method) => method switch
    {
        MountMethod.AdhesivePillar => (Harmed.Glue, HeatLimit.GlueSoftens),
        MountMethod.Tie or MountMethod.PlasticStud => (Harmed.Plastic, HeatLimit.PolyamideGives),
        _ => null,
    };
}
