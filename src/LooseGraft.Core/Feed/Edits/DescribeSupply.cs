using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says how well a supply turns over what it takes, how old and hot it is, and what it hangs on.</summary>
/// <param name="Supply">The supply.</param>
/// <param name="Class">How much of what it takes it gives on.</param>
/// <param name="AgeYears">Its age; null when nobody knows.</param>
/// <param name="RunsHot">Whether it sits where it gets hot.</param>
/// <param name="Input">What it is meant to hang on where no joint says so; null for the wall.</param>
public sealed record DescribeSupply(string Supply, EfficiencyClass? Class, double? AgeYears, bool RunsHot, MeantInput? Input) : GraftEdit
{
    public override Graft Apply(Graft graft) => Input is { } input && graft.Supplies.All(supply => supply.Id != input.Supply)
        ? graft
        : graft.WithSupply(Supply,
            supply
            => supply with
            {
                Class = Class,
                AgeYears = AgeYears,
                RunsHot = RunsHot,
                Meant = Input is { } fed && supply.Meant is { } old && old.Supply == fed.Supply ? fed with { Plug = old.Plug } : Input
            });

    public override string Words(Graft graft)
        => $"{graft.NameOfSupply(Supply)}: {Class?.ToString().ToLowerInvariant() ?? "no class"}{(AgeYears is { } years ? $", {years} years old" : "")}"
            + $"{(RunsHot ? ", hot" : "")}{(Input is null ? "" : $", hangs on {Input.Supply}")}";

    public override string Standing(Graft graft)
        => graft.Supplies.FirstOrDefault(supply => supply.Id == Supply) is { } supply
        ? $"{supply.Class}, {supply.AgeYears} years"
        : "this supply is not there any more";
}
