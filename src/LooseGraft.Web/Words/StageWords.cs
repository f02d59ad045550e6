using LooseGraft.Core.Findings;

namespace LooseGraft.Web.Words;

/// <summary>The stages as the bench names them.</summary>
public static class StageWords
{
    /// <summary>The last part of a stage's address.</summary>
    public static string Slug(this Stage stage) => stage.ToString().ToLowerInvariant();

    /// <summary>What the stage is for, in one sentence.</summary>
    public static string Purpose(this Stage stage) => stage switch
    {
        Stage.Stock => "Know what you have, and what the old case silently did for it.",
        Stage.Prove => "Turn hearsay into readings, the dangerous ones first.",
        Stage.Seat => "Make the board sit where it was never meant to, and find the hidden short before it finds you.",
        Stage.Wire => "Does this plug go on that header, and what must move so that it may?",
        Stage.Feed => "Will this supply carry it, and what is left?",
        Stage.Cool => "Get the heat out of a shell that was made for less of it.",
        Stage.Buy => "What is needed, what it costs, what is left of the budget.",
        Stage.Build => "Everything in an order that never has to be undone.",
        Stage.Wake => "First power, and which trial rules out which suspect.",
        Stage.Log => "Watts, temperatures and what each try changed, for the next time.",
        Stage.Grow => "Which upgrade gives most under the limits that are left.",
        _ => throw new ArgumentOutOfRangeException(nameof(stage), stage, null),
    };

    /// <summary>What the stage will do once it computes; null for those that do.</summary>
    public static string? ToCome(this Stage stage) => stage switch
    {
        Stage.Cool => "It will weigh the watts that come out of Feed against the air that the shell lets through.",
        Stage.Buy => "It will hold what each gamble is worth against what certainly works.",
        Stage.Build => "It will put every step in order, with the glue, the parcels and the hold points.",
        Stage.Wake => "It will choose the next trial so that the most suspects fall away.",
        Stage.Log => "It will keep what was measured, spent and learned.",
        Stage.Grow => "It will set upgrades against watts, slots, heights and money.",
        _ => null,
    };
}
