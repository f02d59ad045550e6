using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Gambles;

/// <summary>What is never bought on a chance. Where something feeds, holds or carries power, doubt is a danger that no price outweighs.</summary>
public static class GambleHazard
{
    // Of something told only in words its words are all there is. They are asked in the safe direction alone: a word too many takes a gamble away.
    private static readonly string[] Words =
    [
        "supply", "supplies", "psu", "brick", "charger", "converter", "inverter", "transformer", "battery", "batteries", "lithium", "pack", "cell", "splitter",
        "adapter", "adaptor", "lead", "leads", "cable", "cord", "mains", "fuse", "switch", "lamp", "backlight", "heater",
    ];

    /// <summary>Whether a need may be met by something that may not do: parts that take power and give none, and what is told in words that speak of
    /// none.</summary>
    /// <param name="need">The need.</param>
    /// <param name="graft">The graft that it is of.</param>
    public static bool MayGamble(Need need, Graft graft) => need switch
    {
        { GoBetween: not null } => false,
        { Part: { } part } => MayFail(part.Kind) && graft.Supplies.All(supply => supply.Part != part.Id) && !(part.Kind == PartKind.Other && Names(part.Name)),
        { Ware.Template: { } template } => MayFail(template.Kind),
        { Ware.Kind: WareKind.Other } => !Names(need.Ware.Word),
        _ => false,
    };

    /// <summary>Whether what an offer is called speaks of power.</summary>
    public static bool Names(string words)
        => words.Split([' ', ',', '-', '/', '(', ')', '.'], StringSplitOptions.RemoveEmptyEntries)
            .Any(word => Words.Contains(word, StringComparer.OrdinalIgnoreCase));

    // A switch, a lamp or the panel that holds them may hang on the mains, a lead and an adapter carry whatever they are given.
    private static bool MayFail(PartKind kind) => kind is PartKind.Board or PartKind.Drive or PartKind.Card or PartKind.Fan or PartKind.Cooler
        or PartKind.Speaker or PartKind.Microcontroller or PartKind.Other;
}
