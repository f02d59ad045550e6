using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Wall;

/// <summary>Which readings at the wall concern which supply.</summary>
internal static class WallMeter
{
    /// <summary>What was read through a supply: readings that name it, and those that name none where no other hangs on the wall.</summary>
    public static IEnumerable<WallReading> ReadingsOf(Graft graft, FeedFlows flows, Supply supply)
    {
        if (flows.Into(supply) is not null) return [];
        var isOnlyOne = graft.Supplies.All(other => other.Id == supply.Id || flows.Into(other) is not null);
        return graft.WallReadings.Where(reading => reading.Supply is { } named ? named == supply.Id : isOnlyOne);
    }
}
