using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Drawing;
using LooseGraft.Core.Wire.Leads;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The lead of a joint: how it is made, the sheet that proves it, and what to expect at first power.</summary>
public sealed class LeadModel(GraftStore store, ReviewCache reviews, TimeProvider clock) : GraftPageModel(store, reviews)
{
    public override Stage? Stage => Core.Findings.Stage.Wire;

    [BindProperty(SupportsGet = true)]
    public string Joint { get; set; } = "";

    public JointReview? Shown { get; private set; }

    /// <summary>The lead; null while the joint is not one that is made by hands.</summary>
    public Lead? Lead { get; private set; }

    /// <summary>The lead from both sides: the mating faces, then the wire sides.</summary>
    public IEnumerable<(string Words, JointPicture Picture)> Pictures
        => Shown is not { } review ? [] : new[] { ConnectorView.MatingFace, ConnectorView.WireSide }.Select(view =>
            (view == ConnectorView.MatingFace ? "Looking at the mating faces" : "Looking at the wire sides",
                new JointPicture(review, JointScene.Of(review, review.Decided.Where(contact => contact.Judgement.Outcome != ContactOutcome.Idle), view, view))));

    public async Task<IActionResult> OnPostTestAsync(string one, string other, bool beeped)
    {
        if (!await LoadAsync() || Shown is null) return NotFound();
        if (LeadEnd.Parse(one) is not { } first || LeadEnd.Parse(other) is not { } second) return NotFound();
        var (id, test) = (Joint, new LeadTest(first, second, beeped, clock.GetUtcNow()));
        return await SaveAsync(new Edit(
            $"Lead {id}, {one} to {other}: {(beeped ? "beep" : "no beep")}",
            graft => graft.WithJoint(id, joint => joint with { Tests = [.. joint.Tests.Where(old => !IsSame(old, test)), test] }),
            graft => $"{graft.Joints.FirstOrDefault(joint => joint.Id == id)?.Tests.Length ?? 0} lines read"));
    }

    public async Task<IActionResult> OnPostForgetAsync()
    {
        var id = Joint;
        return await SaveAsync(new Edit($"Lead {id}: its meter sheet is empty again", graft => graft.WithJoint(id, joint => joint with { Tests = [] }), _ => "the meter sheet"));
    }

    /// <summary>An end in words.</summary>
    public string Words(LeadEnd end) => $"{(end.IsFrom ? Shown!.From : Shown!.To).Port.Name}, position {end.Position}";

    protected override bool IsThere => Shown is not null;

    protected override void OnShown()
    {
        Shown = Review.Wire.Find(Joint);
        Lead = Shown is { } review && Core.Wire.Leads.Lead.IsMade(review.Joint) ? Core.Wire.Leads.Lead.Of(Graft, review) : null;
    }

    private static bool IsSame(LeadTest one, LeadTest other) => (one.One, one.Other) == (other.One, other.Other) || (one.One, one.Other) == (other.Other, other.One);
}
