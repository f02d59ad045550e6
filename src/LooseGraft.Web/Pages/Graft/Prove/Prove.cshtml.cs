using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Prove.Edits;
using LooseGraft.Core.Prove.Meters;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Wire.Drawing;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Instruments;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The Prove stage: the prove list, and one fact of it with the way to prove it.</summary>
public sealed class ProveModel(GraftStore store, ReviewDesk reviews, MeterShelf meters, TimeProvider clock) : GraftPageModel(store, reviews)
{
    /// <summary>The fact to look at, by its subject; the first of the list when none is asked for.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Fact { get; set; }

    /// <summary>Which of its tests to look at, from 0.</summary>
    [BindProperty(SupportsGet = true)]
    public int Test { get; set; }

    /// <summary>From which side the connector is looked at.</summary>
    [BindProperty(SupportsGet = true)]
    public string View { get; set; } = "mating";

    public ProveEntry? Entry { get; private set; }

    public ProvenContact? Contact { get; private set; }

    public ProbeTest? Chosen { get; private set; }

    public ProbePicture? Picture { get; private set; }

    /// <summary>What an instrument has just shown, not yet written down.</summary>
    public MeterAnswer? Answer { get; private set; }

    /// <summary>What that instrument is called.</summary>
    public string? AnswerFrom { get; private set; }

    public IReadOnlyList<(string Key, string Name)> Meters { get; private set; } = [];

    /// <summary>The readings of the contact, newest first.</summary>
    public IEnumerable<JudgedReading> Readings
        => Contact is { } contact
            ? Review.Prove.Of(contact.Id).Where(judged => judged.Reading.Red == contact.Position || (judged.Reading.Red is null && contact.Position == 1))
            : [];

    public async Task<IActionResult> OnPostReadingAsync(string? reading, string? instrument)
    {
        if (!await LoadAsync() || Contact is not { } contact || Chosen is not { } test) return NotFound();
        if (ReadingText.TryRead(reading) is null) ModelState.AddModelError("reading", $"“{reading}” is not a reading. Type {ReadingText.Allowed}.");
        return await SaveAsync(new AddReading(new Reading("", clock.GetUtcNow(), contact.Id, test.Mode, (reading ?? "").Trim())
        {
            Red = test.Red,
            Black = test.Black,
            Power = test.Power,
            Instrument = instrument.Trimmed(),
        }));
    }

    public async Task<IActionResult> OnPostMeasureAsync(string? meter)
    {
        if (!await LoadAsync() || Contact is not { } contact || Chosen is not { } test) return NotFound();
        if (await meters.FindAsync(meter, Graft, HttpContext.RequestAborted) is not { } instrument)
        {
            ModelState.AddModelError("meter", "That instrument is not turned on. Instruments are entered and turned on under “Meters”.");
            return await InvalidAsync();
        }

        Answer = await instrument.MeasureAsync(
            new MeterRequest(test.Mode, contact.Id, test.Red, test.Black, test.Power, SwitchAct.AtRest), HttpContext.RequestAborted);
        AnswerFrom = instrument.Name;
        return Page();
    }

    public async Task<IActionResult> OnPostTrialAsync(bool worked)
        => await LoadAsync() && Contact is { } contact && FunctionTrial.For(contact.Pin.Signal.Value.Name) is not null
            ? await SaveAsync(new NoteTrial(contact.Id, contact.Position, worked))
            : NotFound();

    public Task<IActionResult> OnPostBelieveAsync(string reading) => SaveAsync(new BelieveReading(reading));

    public Task<IActionResult> OnPostRemoveReadingAsync(string reading) => SaveAsync(new RemoveReading(reading));

    public string FactLink(ProveEntry entry) => SubjectLinks.Prove(Id, entry.Fact.Subject);

    public override async Task OnPageHandlerExecutionAsync(
        Microsoft.AspNetCore.Mvc.Filters.PageHandlerExecutingContext context, Microsoft.AspNetCore.Mvc.Filters.PageHandlerExecutionDelegate next)
    {
        await base.OnPageHandlerExecutionAsync(context, next);
        if (Snapshot is not null) Meters = await meters.ChoicesAsync(Graft, HttpContext.RequestAborted);
    }

    protected override BeyondReview Beyond => BeyondReview.Proofs;

    protected override void OnShown()
    {
        var list = Review.ProveList;
        var asked = SubjectText.Read(Fact);
        Contact = ProvenContact.Find(Graft, asked);
        Entry = Fact is null ? list.FirstOrDefault(entry => entry.IsTelling) : list.FirstOrDefault(entry => entry.Fact.Subject == asked);
        Contact ??= ProvenContact.Find(Graft, Entry?.Fact.Subject);
        if (Contact is not { } contact) return;
        var tests = contact.Tests;
        Chosen = tests[Math.Clamp(Test, 0, tests.Length - 1)];
        Picture = new ProbePicture(contact.Port, View == "wire" ? ConnectorView.WireSide : ConnectorView.MatingFace, Chosen);
    }
}
