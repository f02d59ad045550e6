using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Drawing;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Leads;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The lead of a joint: how it is made, the sheet that proves it, and what to expect at first power.</summary>
public sealed class LeadModel(GraftStore store, ReviewDesk reviews, TimeProvider clock) : GraftPageModel(store, reviews)
{
    [BindProperty(SupportsGet = true)]
    public string Joint { get; set; } = "";

    public JointReview? Shown { get; private set; }

    /// <summary>The lead; null while the joint is not one that is made by hands.</summary>
    public MadeLead? Lead { get; private set; }

    /// <summary>The lead from both sides: the mating faces, then the wire sides.</summary>
    public IEnumerable<(string Words, JointPicture Picture)> Pictures
        => Shown is not { } review ? [] : new[] { ConnectorView.MatingFace, ConnectorView.WireSide }.Select(view =>
            (view == ConnectorView.MatingFace ? "Looking at the mating faces" : "Looking at the wire sides",
                JointPicture.Of(review, review.Decided.Where(contact => contact.Judgement.Outcome != ContactOutcome.Idle), view, view)));

    public async Task<IActionResult> OnPostTestAsync(string one, string other, bool beeped)
        => LeadEnd.Parse(one) is { } first && LeadEnd.Parse(other) is { } second && await LoadAsync() && Shown is not null
            ? await SaveAsync(new AddLeadTest(Joint, new ContinuityTest<LeadEnd>(first, second, beeped, clock.GetUtcNow())))
            : NotFound();

    public Task<IActionResult> OnPostForgetAsync() => SaveAsync(new ForgetLeadTests(Joint));

    public async Task<IActionResult> OnPostWireAsync(string? awg, string? length)
    {
        var gauge = ModelState.OptionalGauge("awg", awg);
        var millimetres = ModelState.OptionalAbove0("length", length, "the length of the lead", "mm");
        return await SaveAsync(new SetWire(Joint, gauge, millimetres is { } measured ? new Millimetres(measured) : null));
    }

    /// <summary>The wire that a row wants, and whether what the lead is made of bears it.</summary>
    public string WireWords(LeadRow row)
        => row.Gauge is not { } gauge ? "none bears it"
            : LeadRows.Own(Shown!.Joint) is not { } own || own.Awg == gauge.Awg ? $"{gauge.Awg} AWG, {gauge.SquareMm} mm²"
            : own.Awg < gauge.Awg ? $"{own.Awg} AWG, bears it" : $"{own.Awg} AWG is too thin: {gauge.Awg} AWG";

    /// <summary>An end in words.</summary>
    public string Words(LeadEnd end) => $"{(end.IsFrom ? Shown!.From : Shown!.To).Port.Name}, position {end.Position}";

    protected override bool IsThere => Shown is not null;

    protected override void OnShown()
    {
        Shown = Review.Wire.Find(Joint);
        Lead = Shown is { } review && Core.Wire.Leads.MadeLead.IsMade(review.Joint) ? Core.Wire.Leads.MadeLead.Of(Graft, review) : null;
    }
}
