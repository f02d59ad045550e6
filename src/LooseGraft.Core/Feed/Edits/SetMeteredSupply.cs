using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says which supply was behind the meter of a wall reading.</summary>
public sealed record SetMeteredSupply(string Reading, string Supply) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.Supplies.All(supply => supply.Id != Supply) ? graft : graft with
    {
        WallReadings = [.. graft.WallReadings.Select(reading => reading.Id == Reading ? reading with { Supply = Supply } : reading)],
    };

    public override string Words(Graft graft) => $"{Named(graft)}: behind the meter was {graft.NameOfSupply(Supply)}";

    public override string Standing(Graft graft) => graft.WallReadings.FirstOrDefault(reading => reading.Id == Reading) is { } found
        ? found.Supply is { } supply ? $"behind the meter was {graft.NameOfSupply(supply)}" : "nobody said what was behind the meter"
        : "this reading is not there any more";

    private string Named(Graft graft) => $"wall reading of {graft.WallReadings.FirstOrDefault(reading => reading.Id == Reading)?.Mean.ToString() ?? Reading}";
}
