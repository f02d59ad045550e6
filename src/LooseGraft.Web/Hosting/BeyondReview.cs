using LooseGraft.Core;
using LooseGraft.Core.Findings;
using LooseGraft.Web.Pages;

namespace LooseGraft.Web.Hosting;

/// <summary>What a page shows beyond the review of its graft, which may take its time.</summary>
/// <param name="Key">What names it in an address.</param>
/// <param name="Name">What is worked out, in words.</param>
/// <param name="Stage">The stage that works it out.</param>
/// <param name="Work">Works it out, so that the review knows it from then on.</param>
public sealed record BeyondReview(string Key, string Name, Stage Stage, Action<Review, ReviewWork> Work)
{
    /// <summary>What each proof could change.</summary>
    public static readonly BeyondReview Proofs = new("facts", "What each proof could change", Stage.Prove, (review, work) => review.ProveListBy(work));

    /// <summary>What a key names; null for none.</summary>
    public static BeyondReview? Find(string? key) => key == Proofs.Key ? Proofs : CoolBeyond.Read(key) is { } cool ? cool.AsWork() : null;
}
