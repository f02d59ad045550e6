using LooseGraft.Core.Cool.Edits;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Cures;

/// <summary>Changes of the hot thing itself, and of the supply beside it.</summary>
internal static class PartCures
{
    // Standoff, board and chip under a cooler (common practice).
    private const double UnderCoolerMm = 18;

    public static IEnumerable<Cure> Of(Graft graft, CoolScene scene, HotSpot spot)
        => [.. Duct(graft, spot), .. Coolers(graft, scene, spot), .. Outside(graft, scene)];

    /// <summary>A setting that holds the part to so many watts.</summary>
    public static Cure Cap(Graft graft, HotSpot spot, Watts watts)
    {
        var load = graft.Loads.First(each => each.Part == spot.Part);
        var isProven = load.Cap?.Limit.Evidence.IsProven() == true;
        return new Cure(CureSort.Cap, new PartSubject(spot.Part), $"Hold {graft.NameOf(spot.Part)} to {watts}",
            new HoldLoad(load.Id, watts, load.Cap?.Limit.Evidence ?? Evidence.Assumed, load.StartsInTurn))
        {
            IsToProve = !isProven,
        };
    }

    /// <summary>Whether a duct would bring its cooler cooler air.</summary>
    public static bool MayTakeRoomAir(HotSpot spot) => spot is { Space: >= 0, TakesRoomAir: false, Cooler.HasFan: true };

    private static IEnumerable<Cure> Duct(Graft graft, HotSpot spot)
    {
        if (!MayTakeRoomAir(spot)) yield break;
        yield return new Cure(CureSort.Duct, new PartSubject(spot.Part), $"A duct or shroud from an opening to the cooler of {graft.NameOf(spot.Part)}",
            new SetCooler(graft.SaidOfCooler(spot.Part) with { TakesRoomAir = true }));
    }

    // What was measured of the old one says nothing of the new.
    private static IEnumerable<Cure> Coolers(Graft graft, CoolScene scene, HotSpot spot)
    {
        if (spot.Cooler is not { Mount: not CoolerMount.Own } now) return [];
        var most = spot.Space >= 0 && scene.Spaces[spot.Space].Size is { } inside ? inside.Height.Value - UnderCoolerMm : (double?)null;
        return from other in CoolerClass.All
               where other.Mount == now.Mount && other.KelvinsPerWatt[1] < now.KelvinsPerWatt[1] && !(other.HeightMm > most)
               select new Cure(CureSort.Cooler, new PartSubject(spot.Part), $"A {other.Name} on {graft.NameOf(spot.Part)}",
                   new SetCooler(graft.SaidOfCooler(spot.Part) with
                   {
                       Class = other,
                       Resistance = null,
                       Contact = null,
                       Hold = null,
                       OwnHoles = null,
                       Evidence = Evidence.Assumed,
                   }));
    }

    private static IEnumerable<Cure> Outside(Graft graft, CoolScene scene)
        => from source in scene.Sources
           where source is { IsLoss: true, Space: >= 0 } && graft.FindPart(source.Part)?.Kind == PartKind.Supply
           select new Cure(CureSort.TakeOutside, new PartSubject(source.Part),
               $"Take {source.Name} out of the shell, or turn it so that it breathes with the room alone",
               new TakeOutside(source.Part));
}
