using System.Globalization;
using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What is tried on the page without changing the graft.</summary>
public sealed partial class CoolModel
{
    /// <summary>Between which degrees a room is tried.</summary>
    public const double ColdestRoom = 10;

    public const double WarmestRoom = 40;

    /// <summary>Between which volts fans for 12 V are tried.</summary>
    public const double LeastFanVolts = 4;

    private CoolReview? _tried;

    /// <summary>Degrees of the room that is tried; nothing for as it is.</summary>
    [BindProperty(SupportsGet = true, Name = "room")]
    public string? TriedRoom { get; set; }

    /// <summary>Volts of fans for 12 V.</summary>
    [BindProperty(SupportsGet = true, Name = "fans")]
    public string? TriedFans { get; set; }

    /// <summary>The part that is held to fewer watts.</summary>
    [BindProperty(SupportsGet = true, Name = "held")]
    public string? TriedPart { get; set; }

    /// <summary>To how many watts.</summary>
    [BindProperty(SupportsGet = true, Name = "cap")]
    public string? TriedCap { get; set; }

    /// <summary>What is tried. A figure that is none, or beyond what can be tried, counts as nothing.</summary>
    public CoolTrial Trial => new(
        Figure(TriedRoom, ColdestRoom, WarmestRoom) is { } room ? new Celsius(room) : null,
        Figure(TriedFans, LeastFanVolts, FanClass.FullVolts) / FanClass.FullVolts,
        HeldSpot?.Part, HeldSpot is { } held && Figure(TriedCap, 1, MostWatts(held)) is { } cap ? new Watts(cap) : null);

    /// <summary>What is shown: as the graft is, or as it would be.</summary>
    public CoolReview Shown => Trial.IsNothing ? Cool : _tried ??= Trial.Of(Graft, Review.Feed);

    /// <summary>What can be held to fewer watts: chips whose watts are known.</summary>
    public IEnumerable<HotSpot> Holdable => Cool.Scene.Spots.Where(spot => spot is { Kind: HotKind.Chip or HotKind.CardChip, Source: >= 0 });

    /// <summary>Which of them is tried: the one asked for, or else the hottest.</summary>
    public HotSpot? HeldSpot => Holdable.FirstOrDefault(spot => spot.Part == TriedPart)
        ?? Holdable.MaxBy(spot => Cool.At(Work).Spots.First(each => each.Spot.Part == spot.Part && each.Spot.Kind == spot.Kind).Temperature?.Likely.Value ?? 0);

    /// <summary>What it takes at most, which it would be held under.</summary>
    public double MostWatts(HotSpot spot) => Math.Ceiling(CoolTrial.MostWatts(Graft, spot.Part).Value);

    private static double? Figure(string? text, double least, double most)
        => double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var figure) && figure >= least && figure <= most ? figure : null;
}
