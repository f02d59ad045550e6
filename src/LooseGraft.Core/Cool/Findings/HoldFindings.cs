using LooseGraft.Core.Cool.Mounts;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Findings;

/// <summary>What the rules say of what holds coolers, and of blades that are bare.</summary>
internal static class HoldFindings
{
    // A lead that sags, a grille that bends and the frame's own play take so much (common practice).
    private const double NearBladesMm = 5;

    public static IEnumerable<Finding> Of(Graft graft)
        => graft.Cooling.Coolers.Select(cooler => Held(graft, cooler))
            .Concat(graft.Cooling.Fans.SelectMany(fan => new[] { Held(graft, fan), Blades(graft, fan) })).OfType<Finding>();

    private static Finding? Held(Graft graft, CoolerPlace cooler)
    {
        var (name, fit) = (graft.NameOf(cooler.Part), cooler.Fit());
        if (fit is CoolerFit.Unknown or CoolerFit.Meets) return null;
        if (fit == CoolerFit.Improvised)
        {
            return Finding.Of(CoolRules.MountImprovised, new PartSubject(cooler.Part), new CoolerHeld(cooler.Part, fit),
                $"The cooler of {name} is held by ties, bands, tape or glue: they soften and stretch where it is hot, press unevenly or not at all, and let go when the machine is moved.",
                cooler.Evidence, "fit a back plate or bracket of the cooler's own pattern", "take a cooler that has the board's pattern");
        }

        var why = cooler switch
        {
            { Hold: CoolerHold.Nothing } => "nothing holds it: it slides off when the machine is moved, and the processor is too hot within seconds",
            { BoardHoles: { } board, OwnHoles: { } own } when !board.Meets(own) => $"it wants {own}, and the board has {board}",
            _ => "what it was screwed to is part of the old case and stays behind",
        };
        return Finding.Of(CoolRules.MountNotMet, new PartSubject(cooler.Part), new CoolerHeld(cooler.Part, fit),
            $"The cooler of {name}: {why}.", cooler.Evidence,
            "fit a back plate or bracket of the cooler's own pattern", "take a cooler that has the board's pattern", "never let the processor run without its cooler for more than seconds")
            with
        { Severity = cooler.Hold == CoolerHold.Nothing ? Severity.Stop : Severity.Fix };
    }

    private static Finding? Held(Graft graft, FanPlace fan) => fan.Hold is not (FanHold.Ties or FanHold.Nothing) ? null
        : Finding.Of(CoolRules.MountImprovised, new PartSubject(fan.Part), new FanHeld(fan.Part, fan.Hold.Value),
            $"{graft.NameOf(fan.Part)} {Loose(fan.Hold.Value)}.",
            Evidence.Assumed, "screw its frame, or hang it on rubber pins, by all four holes", "make a plate with its holes where the shell has none")
            with
        { Severity = fan.Hold == FanHold.Nothing ? Severity.Fix : Severity.Check };

    private static string Loose(FanHold hold) => hold == FanHold.Ties
        ? "is held by ties, bands, tape or glue: they stretch and soften where it is warm, a fan shakes, and one that comes loose throws itself into leads and boards"
        : "is held by nothing: it wanders by its own shaking, and its blades meet leads and boards";

    private static Finding? Blades(Graft graft, FanPlace fan)
    {
        // Nobody reaches into a supply; a card's maker has seen to its own.
        if (!graft.IsOwnFan(fan.Part) || fan.HasGuard == true) return null;
        var isNear = fan.Gap is { Value: < NearBladesMm };
        if (!isNear && fan.HasGuard is null) return null;
        return Finding.Of(CoolRules.BladesReached, new PartSubject(fan.Part), new BladesReached(fan.Part, fan.Gap),
            $"{graft.NameOf(fan.Part)}: {(isNear ? $"what stands before it is {fan.Gap} from its blades" : "its blades are bare")}, so that a lead, the end of a tie or a finger gets into them.",
            Evidence.Assumed, "put a guard of wire before it: it takes hardly any air", "tie every lead away from it, and turn the ends of ties the other way");
    }
}
