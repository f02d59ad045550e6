using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Findings;

/// <summary>What the rules say of single things and what nobody knows of them.</summary>
internal static class ThingFindings
{
    // Half of what a cooler's figures are made for is still much like it.
    private const double StillShare = 0.5;

    // A supply of the usual size moves some litres by its own fan; less than half a litre through its space is none.
    private const double NoAirLitres = 0.5;

    public static IEnumerable<Finding> Of(Graft graft, FeedReview feed, CoolScene scene, CoolOutlook outlook)
        => [.. Still(scene, outlook), .. Unknown(graft, scene), .. ShutIn(graft, feed, scene, outlook)];

    private static IEnumerable<Finding> Still(CoolScene scene, CoolOutlook outlook)
        => from spot in scene.Spots
           where spot is { Space: >= 0, TakesRoomAir: false, Kind: HotKind.Chip or HotKind.CardChip }
           let cooler = spot.Cooler
           // One whose figures hold in still air as well is made for that.
           where cooler is { HasFan: false, Still: not null } && !cooler.Still.SequenceEqual(cooler.KelvinsPerWatt)
           let air = outlook.State.Through[spot.Space]
           let wants = cooler.ReferenceFlow
           where air < wants * StillShare
           select Finding.Of(CoolRules.StillAir, new PartSubject(spot.Part),
               new CoolerInStillAir(spot.Part, new LitresPerSecond(Math.Round(air, 3)), new LitresPerSecond(wants)),
               $"{spot.Name.Capitalised()}: {cooler.Name} wants air that moves, about {new LitresPerSecond(wants)} through its space; {new LitresPerSecond(air)} go through.",
               spot.Evidence, "a slow fan on it or before it", "a way in and a way out that lead past it");

    private static IEnumerable<Finding> Unknown(Graft graft, CoolScene scene)
    {
        foreach (var spot in scene.Spots.Where(spot => spot.Kind is HotKind.Chip or HotKind.CardChip))
        {
            if (spot.Source < 0)
            {
                yield return Finding.Of(CoolRules.WattsUnknown, new PartSubject(spot.Part), new HeatUnknown(spot.Part),
                    $"{graft.NameOf(spot.Part)}: nobody wrote down what it takes, so all air is computed without its heat.", Evidence.Assumed,
                    "write down what it takes, in Feed, or take what its kind usually does");
            }
            else if (!spot.IsSaid && spot.Kind == HotKind.Chip)
            {
                yield return Finding.Of(CoolRules.CoolerUnknown, new PartSubject(spot.Part), new HeatUnknown(spot.Part),
                    $"{spot.Name.Capitalised()}: nobody said what cools it; it counts as if it were a {spot.Cooler!.Name}.", Evidence.Assumed,
                    "say which sort of cooler it is nearest to", "a processor never runs without its cooler for more than seconds");
            }
        }
    }

    private static IEnumerable<Finding> ShutIn(Graft graft, FeedReview feed, CoolScene scene, CoolOutlook outlook)
        => from supply in feed.Supplies
           let part = graft.FindPart(supply.Supply.Part)
           where part is { Kind: PartKind.Supply } && supply.Into is null
           let space = ScenePlaces.SpaceOf(graft, part, [.. scene.Spaces])
           where space >= 0 && outlook.State.Through[space] < NoAirLitres
           select Finding.Of(CoolRules.SupplyShutIn, new PartSubject(part.Id),
               new SupplyShutIn(part.Id, new LitresPerSecond(Math.Round(outlook.State.Through[space], 3))),
               $"{part.Name} hangs on the mains in a space through which {new LitresPerSecond(outlook.State.Through[space])} of air go: what is shut in ages, and may burn.",
               Evidence.Assumed, "give it air in and out, or take it out of the shell: whole and closed, its lead relieved of strain, its earth unbroken",
               "never open it to cool it better");
}
