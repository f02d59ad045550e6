using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says by which day everything shall be here.</summary>
/// <param name="Day">The day; null for none.</param>
public sealed record WishBy(DateOnly? Day) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithBuying(buying => buying with { WishedBy = Day });

    public override string Words(Graft graft) => Said(Day);

    public override string Standing(Graft graft) => Said(graft.Buying.WishedBy);

    private static string Said(DateOnly? day) => day is { } wished ? $"everything here by {wished:yyyy-MM-dd}" : "no day by which everything is here";
}
