using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Gambles;

/// <summary>What is never bought on a chance. Where something feeds, holds or carries power, doubt is a danger that no price outweighs.</summary>
public static class GambleHazard
{
    // Of something told only in words its words are all there is. Beginnings of words, asked in the safe direction alone: one too many takes a gamble away.
    private static readonly string[] Words =
    [
        "suppl", "psu", "ups", "brick", "charg", "convert", "invert", "transform", "batter", "accu", "akku", "li", "lithium", "lipo", "nimh", "nicd",
        "18650", "cr20", "pack", "cell", "split", "adapt", "lead", "cable", "cord", "mains", "power", "volt", "fuse", "switch", "relay", "lamp", "backlight",
        "heater",
    ];

    /// <summary>Whether a need may be met by something that may not do: sorts of parts that take power and give none, and what is told in words alone if the
    /// builder said that no power hangs on it and its words do not speak of any.</summary>
    /// <param name="need">The need.</param>
    /// <param name="graft">The graft that it is of.</param>
    public static bool MayGamble(Need need, Graft graft) => !IsHazard(need, graft) && (!IsTold(need) || IsSaid(need, graft));

    /// <summary>Whether it hangs on the builder alone: what is told in words alone, that speak of no power, and of which nobody said that none hangs on
    /// it.</summary>
    /// <param name="need">The need.</param>
    /// <param name="graft">The graft that it is of.</param>
    public static bool AsksBuilder(Need need, Graft graft) => !IsHazard(need, graft) && IsTold(need) && !IsSaid(need, graft);

    /// <summary>Whether what an offer is called speaks of power.</summary>
    public static bool Names(string words)
        => words.Split([' ', ',', '-', '/', '(', ')', '.', '+', '_'], StringSplitOptions.RemoveEmptyEntries)
            .Any(word => Words.Any(begin => word.StartsWith(begin, StringComparison.OrdinalIgnoreCase) && (begin != "li" || word.Length == begin.Length)));

    private static bool IsHazard(Need need, Graft graft) => need switch
    {
        { GoBetween: not null } => true,
        { Part: { } part } => !MayFail(part.Kind) || graft.Supplies.Any(supply => supply.Part == part.Id) || (IsTold(need) && Names(part.Name)),
        { Ware.Template: { } template } => !MayFail(template.Kind),
        { Ware.Kind: WareKind.Other } => Names(need.Ware.Word),
        _ => true,
    };

    private static bool IsTold(Need need) => need.Part is { } part ? part.Kind == PartKind.Other : need.Ware is { Template: null, Kind: WareKind.Other };

    private static bool IsSaid(Need need, Graft graft) => graft.Buying.NoPower.Any(said => said.Need == need.Key && said.Called == need.Words);

    // A switch, a lamp or the panel that holds them may hang on the mains, a lead and an adapter carry whatever they are given.
    private static bool MayFail(PartKind kind) => kind is PartKind.Board or PartKind.Drive or PartKind.Card or PartKind.Fan or PartKind.Cooler
        or PartKind.Speaker or PartKind.Microcontroller or PartKind.Other;
}
