using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Wire.</summary>
public sealed class WirePages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Wire, "Does this plug go on that header, and what must move so that it may?",
        new StagePage("wire", "wire?joint=panel&pin=from-7") { Picture = 1300 },
        new StagePage("wire-switches", "wire?joint=panel&pin=from-7&from=wire&to=mating&show=proposed"),
        new StagePage("lead", "wire/fan/lead") { Only = 4, Picture = 1000 },
        new StagePage("sheet", "wire/fan-lead/sheet") { Only = 3 },
        new StagePage("fault", "wire/fault?fault=SupplyToGround&giver=ld7/front/18&taker=ld7/front/20") { Only = 3 },
        new StagePage("matrix", "wire/matrix?part=concerto") { Only = 4 },
        new StagePage("circuits", "wire/circuits?circuit=relay"));
}
