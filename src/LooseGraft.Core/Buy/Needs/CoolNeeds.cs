using LooseGraft.Core.Cool.Mounts;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>What holds fans and coolers, and paste under those that are put on.</summary>
internal static class CoolNeeds
{
    // A fan's frame has four holes; the screws that come with fans are self-tapping 5 × 10 (common practice).
    private const int Corners = 4;

    // The smallest tube lasts for so many coolers (common practice).
    private const double CoolersOfTube = 4;

    private static readonly Ware FanScrew = WareText.Read("screw self-tapping 5 10 mm")!;

    public static IEnumerable<(Ware Ware, NeedAsk Ask)> Of(Graft graft)
    {
        var paste = from part in graft.Parts
                    where part.Kind == PartKind.Cooler
                    select (new Ware(WareKind.Paste), Ask(graft, part.Id, 1 / CoolersOfTube));
        var plates = from cooler in graft.Cooling.Coolers
                     where cooler.Fit() is CoolerFit.NeedsPlate
                     select (new Ware(WareKind.Other) { Word = $"back plate or bracket for the cooler of {graft.NameOf(cooler.Part)}" }, Ask(graft, cooler.Part, 1));
        var fans = from fan in graft.Cooling.Fans
                   let ware = graft.IsOwnFan(fan.Part) ? Of(fan.Hold) : null
                   where ware is not null
                   select (ware, Ask(graft, fan.Part, Corners));
        return paste.Concat(plates).Concat(fans);
    }

    private static Ware? Of(FanHold? hold) => hold switch
    {
        FanHold.Screws => FanScrew,
        FanHold.Rubber => new Ware(WareKind.Grommet) { Word = "fan pin" },
        FanHold.Ties => new Ware(WareKind.Tie),
        _ => null,
    };

    private static NeedAsk Ask(Graft graft, string part, double count) => new(Stage.Cool, new PartSubject(part), graft.NameOf(part), count);
}
