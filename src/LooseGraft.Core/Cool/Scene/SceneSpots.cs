using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>What has a limit of temperature: processors, cards, drives, and the air that supplies take in.</summary>
internal static class SceneSpots
{
    // Below so many watts at peak a board is a small one, whose processor has a bare heat sink; with more it has a cooler with a fan (common practice).
    private const double SmallBoardWatts = 20;

    // The share of a board's watts that its processor turns into heat; the rest goes into converters, memory and chips round it (common practice).
    private static readonly (double, double, double) ProcessorShare = (0.5, 0.65, 0.8);
    private static readonly (double, double, double) CardShare = (0.8, 0.9, 1);

    public static List<HotSpot> Of(Graft graft, List<CoolSpace> spaces, List<HeatSource> sources, UnsureFigures figures)
        => [.. graft.Parts.Select(part => Of(graft, part, spaces, sources, figures)).OfType<HotSpot>()];

    private static HotSpot? Of(Graft graft, Part part, List<CoolSpace> spaces, List<HeatSource> sources, UnsureFigures figures)
    {
        var space = ScenePlaces.SpaceOf(graft, part, spaces);
        if (part.Kind is PartKind.Supply or PartKind.Converter)
        {
            var loses = sources.FindIndex(each => each.Part == part.Id && each.IsLoss);
            return space < 0 || loses < 0 ? null : new HotSpot(part.Id, part.Name, HotKind.SupplyIntake, loses, space, null)
            {
                IsSaid = true,
                Evidence = sources[loses].Evidence,
            };
        }

        if (part.Kind is not (PartKind.Board or PartKind.Card or PartKind.Drive)) return null;
        var source = sources.FindIndex(each => each.Part == part.Id && !each.IsLoss);
        var said = graft.Cooling.Coolers.FirstOrDefault(each => each.Part == part.Id);
        var kind = part.Kind switch
        {
            PartKind.Board => HotKind.Chip,
            PartKind.Card => HotKind.CardChip,
            _ => said?.Spins == false || IsSolid(graft, part) ? HotKind.SolidState : HotKind.SpinningDrive,
        };
        var cooler = CoolerOf(graft, part);
        var (low, likely, high) = said?.Share is { } share ? (share, share, share) : kind switch
        {
            HotKind.Chip => ProcessorShare,
            HotKind.CardChip => CardShare,
            _ => (1, 1, 1),
        };
        var (own, isFitted) = (said?.Resistance, said?.Contact is not null);
        return new HotSpot(part.Id, part.Kind == PartKind.Board ? $"processor of {part.Name}" : part.Name, kind, source, space, cooler)
        {
            IsSaid = said is { Class: not null } or { Resistance: not null } || part.Kind == PartKind.Drive,
            IsStrict = part.Kind == PartKind.Drive && said?.Spins is null && kind == HotKind.SpinningDrive,
            TakesRoomAir = said?.TakesRoomAir == true,
            Evidence = (source < 0 ? Evidence.Assumed : sources[source].Evidence).And(said?.Evidence ?? Evidence.Assumed),
            Share = figures.Add($"share of {part.Id}", low, likely, high, isFitted),
            Contact = figures.Add($"contact of {part.Id}", said?.Contact?.Low.Value ?? 1, said?.Contact?.Likely.Value ?? 1, said?.Contact?.High.Value ?? 1),
            // What somebody knows of a cooler holds from air to chip.
            Resistance = own is { } known
                ? figures.Add($"cooler of {part.Id}", known.Low.Value, known.Likely.Value, known.High.Value, isFitted) : Add(cooler.KelvinsPerWatt),
            Still = cooler.Still is { } still ? Add(still) : null,
            Joint = own is null ? Add(cooler.Joint) : figures.Add($"cooler of {part.Id}", 0, 0, 0),
        };

        int Add(IReadOnlyList<double> range) => figures.Add($"cooler of {part.Id}", range[0], range[1], range[2], isFitted);
    }

    // A card of the M.2 sort has nothing that turns; of any other drive somebody has to say.
    private static bool IsSolid(Graft graft, Part part) => graft.Seating.Boxes.Any(box => box.Part == part.Id && box.Drive?.Name == "M.2");

    /// <summary>What cools a part: as somebody said, or as its kind usually has it. A setting that holds it does not make its cooler smaller.</summary>
    public static CoolerClass CoolerOf(Graft graft, Part part)
        => graft.Cooling.Coolers.FirstOrDefault(each => each.Part == part.Id)?.Class ?? CoolerClass.Find(part.Kind switch
        {
            PartKind.Card => "card-slot-fan",
            PartKind.Drive => "drive-in-air",
            _ => CoolTrial.MostWatts(graft, part.Id).Value < SmallBoardWatts ? "small-heat-sink" : "box-cooler",
        })!;
}
