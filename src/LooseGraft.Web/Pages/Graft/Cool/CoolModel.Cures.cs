using LooseGraft.Core.Cool.Asking;
using LooseGraft.Core.Cool.Cures;
using LooseGraft.Core.Findings;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What would help, and what it takes.</summary>
public sealed partial class CoolModel
{
    /// <summary>What is asked for.</summary>
    [BindProperty(SupportsGet = true, Name = "ask")]
    public string? Asked { get; set; }

    /// <summary>What the thing must stay under.</summary>
    [BindProperty(SupportsGet = true, Name = "limit")]
    public string? AskedLimit { get; set; }

    protected override BeyondReview Beyond => Wanted.AsWork();

    /// <summary>What is looked at closely and asked for.</summary>
    public CoolBeyond Wanted => CoolBeyond.Of(At, Asked, AskedLimit);

    /// <summary>What would help the thing that is looked at, or else the tightest.</summary>
    public CureList? Cures => Wanted.SpotOf(Cool) is { Spot: var spot } ? Review.CuresFor(spot.Part, spot.Kind, new ReviewWork()) : null;

    /// <summary>What was asked; null for nothing.</summary>
    public CoolQuestion? Question => Wanted.QuestionFor(Cool);

    /// <summary>The answer; null for none.</summary>
    public CoolAnswer? Answer => Question is { } question ? Review.AnswerTo(question, new ReviewWork()) : null;

    /// <summary>Takes over a change that helps.</summary>
    /// <param name="cure">As it is worded: it names it for as long as it is offered.</param>
    public async Task<IActionResult> OnPostCureAsync(string? cure)
    {
        if (!await LoadAsync()) return NotFound();
        if (Cures?.Cures.Concat(Cures.Quieter).FirstOrDefault(tried => tried.Cure.Words == cure && !tried.Cure.IsToProve) is { } found)
            return await SaveAsync(found.Cure.Edit);
        ModelState.AddModelError("cure", "This change is not offered any more: the graft has changed. Look at what is offered now.");
        return await InvalidAsync();
    }
}
