using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Seat.</summary>
public sealed class SeatPages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Seat, "Make the board sit where it was never meant to, and find the hidden short before it finds you.",
        new StagePage("seat", "seat") { Picture = 1300 },
        new StagePage("survey", "seat/survey") { Only = 4, Picture = 1000 },
        new StagePage("under-the-plan", "seat/photo"),
        new StagePage("boxes-and-leads", "seat/lists"),
        new StagePage("candidates", "seat/candidates"),
        new StagePage("cuts", "seat/cuts?marks=h1%2045.1%2020.5") { Only = 4, Picture = 900 });
}
