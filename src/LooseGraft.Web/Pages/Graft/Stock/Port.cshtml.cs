using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Prove.Edits;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Stock.Naming;
using LooseGraft.Core.Wire.Drawing;
using LooseGraft.Data;
using LooseGraft.Data.Tables;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>One connector of a part: its shape, and what each contact carries, typed into a grid that lies as the contacts lie.</summary>
public sealed class PortModel(GraftStore store, ReviewDesk reviews, TimeProvider clock) : GraftPageModel(store, reviews)
{
    [BindProperty(SupportsGet = true)]
    public string Part { get; set; } = "";

    [BindProperty(SupportsGet = true)]
    public string Port { get; set; } = "";

    /// <summary>From which side it is looked at: <c>mating</c> or <c>wire</c>.</summary>
    [BindProperty(SupportsGet = true)]
    public string View { get; set; } = "mating";

    /// <summary>Where what is typed comes from.</summary>
    [BindProperty(SupportsGet = true)]
    public Evidence From { get; set; } = Evidence.Diagram;

    public PortId PortId => new(Part, Port);

    public Part Owner { get; private set; } = null!;

    public Port Shown { get; private set; } = null!;

    public ConnectorView Side => View == "wire" ? ConnectorView.WireSide : ConnectorView.MatingFace;

    /// <summary>The contacts as they lie on the page: rows of positions, as seen from the chosen side, the first row above.</summary>
    public IReadOnlyList<IReadOnlyList<int>> Grid => GridLayout.Of(Shown, Side);

    /// <summary>What it is for.</summary>
    public PortSort Sort => PortSorts.Of(Shown, Owner.Kind);

    /// <summary>What was typed into the grid just now.</summary>
    public ContactGrid Contacts { get; private set; } = ContactGrid.None;

    public IEnumerable<JudgedReading> Spans => Review.Prove.Of(PortId).Where(judged => judged.Reading.Red is null);

    public async Task<IActionResult> OnPostGridAsync()
    {
        if (!await FindAsync()) return NotFound();
        Contacts = ContactGrid.Read(Request.Form, Shown, Sort, From, ModelState);
        return await SaveAsync(new DescribeContacts(PortId, Contacts.Changed, IsFromTable: false));
    }

    public async Task<IActionResult> OnPostPasteAsync(string? table)
    {
        if (!await FindAsync()) return NotFound();
        var read = CsvTable.Read(table ?? "");
        if (read.Problem is { } problem) ModelState.AddModelError("table", problem);
        var pins = PinTable.Read(read.Rows.Select(row => (row.Line, row.Cells)), Shown, Sort, From);
        foreach (var error in pins.Errors.Take(12)) ModelState.AddModelError("table", error);
        return await SaveAsync(new DescribeContacts(PortId, [.. pins.Pins], IsFromTable: true));
    }

    public async Task<IActionResult> OnPostShapeAsync(
        string? name, Gender gender, string? rowCount, string? columnCount, string? pitch, Keying keying, Numbering numbering, string? lead)
    {
        if (!await FindAsync()) return NotFound();
        var (rows, columns) = (
            ModelState.OptionalCount("rowCount", rowCount, "rows") ?? Shown.Rows,
            ModelState.OptionalCount("columnCount", columnCount, "columns") ?? Shown.Columns);
        var millimetres = string.IsNullOrWhiteSpace(pitch) ? Shown.Pitch.Value : ModelState.NotNegative("pitch", pitch, "the pitch", "mm") ?? Shown.Pitch.Value;
        var length = string.IsNullOrWhiteSpace(lead) ? null : ModelState.NotNegative("lead", lead, "the length of the lead", "mm");
        var edit = new ShapePort(
            PortId, name.Trimmed(), gender, rows, columns, new Millimetres(millimetres), keying, numbering,
            length is { } long_ ? new Millimetres(long_) : null);
        if (edit.Lost(Shown) is > 0 and var lost)
            ModelState.AddModelError("rowCount", $"{lost} described contacts would be lost: {rows} × {columns} has no place for them. Empty them first.");
        return await SaveAsync(edit);
    }

    public async Task<IActionResult> OnPostSpanAsync(string? reading)
    {
        if (!await FindAsync()) return NotFound();
        if (ReadingText.TryRead(reading)?.Kind is not (ReadingKind.Length or ReadingKind.Bare))
            ModelState.AddModelError("reading", $"“{reading}” is not a length. Type one such as 26.4 mm, 1 1/16 in or 26 + .4.");
        return await SaveAsync(new AddReading(new Reading("", clock.GetUtcNow(), PortId, MeterMode.Length, (reading ?? "").Trim())));
    }

    public Task<IActionResult> OnPostBearsAsync(PortLimitForm form) => SaveAsync(new LimitPort(PortId, form.Read(ModelState)));

    public Task<IActionResult> OnPostRemoveReadingAsync(string reading) => SaveAsync(new RemoveReading(reading));

    /// <summary>What is joined inside the part at this connector, each with its place in the part's list.</summary>
    public IEnumerable<(int Index, PartLink Link)> Links => Owner.Links.Index().Where(pair => pair.Item.One.Port == Port || pair.Item.Other.Port == Port);

    /// <summary>A contact of the part in words.</summary>
    public string Words(InnerEnd end) => $"{Owner.Ports.First(port => port.Id == end.Port).Name}/{end.Position}";

    public async Task<IActionResult> OnPostLinkAsync(LinkForm form)
    {
        if (!await FindAsync()) return NotFound();
        return form.Read(ModelState, Owner, Port) is { } links ? await SaveAsync(new AddLinks(Part, links)) : await InvalidAsync();
    }

    public Task<IActionResult> OnPostUnlinkAsync(int index) => SaveAsync(new RemoveLink(Part, index));

    public async Task<IActionResult> OnPostRemovePortAsync()
    {
        var result = await SaveAsync(new RemovePort(PortId));
        // Once it is gone there is nothing to come back to on this page.
        return result is RedirectResult ? Redirect($"/graft/{Id}/stock") : result;
    }

    /// <summary>The fields in which something will not do, in words.</summary>
    public IEnumerable<string> GridProblems() => Shown.AllPins().Select(pin => Problem(ContactGrid.Field(pin.Position))).OfType<string>();

    protected override void OnShown()
    {
        if (Graft.FindPart(Part) is not { } owner || Graft.FindPort(PortId) is not { } port) return;
        (Owner, Shown) = (owner, port);
    }

    protected override bool IsThere => Shown is not null;

    private async Task<bool> FindAsync() => await LoadAsync() && IsThere;
}
