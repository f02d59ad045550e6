using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Wire.Drawing;
using LooseGraft.Data;
using LooseGraft.Data.Tables;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>One connector of a part: its shape, and what each contact carries, typed into a grid that lies as the contacts lie.</summary>
public sealed class PortModel(GraftStore store, ReviewCache reviews, TimeProvider clock) : GraftPageModel(store, reviews)
{
    public override Stage? Stage => Core.Findings.Stage.Stock;

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

    public IEnumerable<JudgedReading> Spans => Review.Prove.Of(PortId).Where(judged => judged.Reading.Red is null);

    public async Task<IActionResult> OnPostGridAsync()
    {
        if (!await FindAsync()) return NotFound();
        var edited = Shown;
        var changed = new List<string>();
        foreach (var pin in Shown.AllPins())
        {
            var field = $"signal-{pin.Position}";
            if (!Request.Form.TryGetValue(field, out var typed) || typed.ToString().Trim() == Cell(pin)) continue;
            if (PinTable.Typed(pin, typed.ToString(), From) is not { } made) ModelState.AddModelError(field, $"Position {pin.Position}: “{typed}” is not a signal. {PinTable.SignalHelp}");
            else
            {
                edited = edited.With(made);
                changed.Add($"{pin.Position} {Cell(made)}");
            }
        }

        return await SavePortAsync(changed.Count <= 4 ? $"{Shown.Name}: {string.Join(", ", changed)}" : $"{Shown.Name}: {changed.Count} contacts described", edited);
    }

    public async Task<IActionResult> OnPostPasteAsync(string? table)
    {
        if (!await FindAsync()) return NotFound();
        var read = CsvTable.Read(table ?? "");
        if (read.Problem is { } problem) ModelState.AddModelError("table", problem);
        var pins = PinTable.Read(read.Rows.Select(row => (row.Line, row.Cells)), Shown, From);
        foreach (var error in pins.Errors.Take(12)) ModelState.AddModelError("table", error);
        return await SavePortAsync($"{Shown.Name}: {pins.Pins.Length} contacts from a table", pins.Pins.Aggregate(Shown, (port, pin) => port.With(pin)));
    }

    public async Task<IActionResult> OnPostShapeAsync(string? name, Gender gender, string? rowCount, string? columnCount, string? pitch, Keying keying, Numbering numbering, string? lead)
    {
        if (!await FindAsync()) return NotFound();
        var (rows, columns) = (ModelState.OptionalCount("rowCount", rowCount, "rows") ?? Shown.Rows, ModelState.OptionalCount("columnCount", columnCount, "columns") ?? Shown.Columns);
        var millimetres = string.IsNullOrWhiteSpace(pitch) ? Shown.Pitch.Value : ModelState.NotNegative("pitch", pitch, "the pitch", "mm");
        var length = string.IsNullOrWhiteSpace(lead) ? null : ModelState.NotNegative("lead", lead, "the length of the lead", "mm");
        var lost = Shown.Pins.Count(pin => pin.Position > (long)rows * columns);
        if (lost > 0) ModelState.AddModelError("rowCount", $"{lost} described contacts would be lost: {rows} × {columns} has no place for them. Empty them first.");
        var type = Shown.Type;
        return await SavePortAsync($"{Shown.Name}: {rows} × {columns} at {millimetres:0.##} mm", Shown with
        {
            Name = string.IsNullOrWhiteSpace(name) ? Shown.Name : name.Trim(),
            Gender = gender,
            OwnRows = rows == type.Rows ? null : rows,
            OwnColumns = columns == type.Columns ? null : columns,
            OwnPitch = millimetres is { } wide && wide != type.PitchMm ? new Millimetres(wide) : null,
            OwnKeying = keying == type.Keying ? null : keying,
            OwnNumbering = numbering == type.Numbering ? null : numbering,
            LeadLength = length is { } long_ ? new Millimetres(long_) : null,
        });
    }

    public async Task<IActionResult> OnPostSpanAsync(string? reading)
    {
        if (!await FindAsync()) return NotFound();
        if (ReadingText.TryRead(reading)?.Kind is not (ReadingKind.Length or ReadingKind.Bare))
            ModelState.AddModelError("reading", $"“{reading}” is not a length. Type one such as 26.4 mm, 1 1/16 in or 26 + .4.");
        var id = PortId;
        return await SaveAsync(Readings.Add(clock, id, MeterMode.Length, reading, null, null, PowerState.Off, SwitchAct.AtRest, null));
    }

    public async Task<IActionResult> OnPostRemoveReadingAsync(string reading) => await SaveAsync(Readings.Remove(reading));

    /// <summary>What is joined inside the part at this connector, each with its place in the part's list.</summary>
    public IEnumerable<(int Index, PartLink Link)> Links => Owner.Links.Index().Where(pair => pair.Item.One.Port == Port || pair.Item.Other.Port == Port);

    public async Task<IActionResult> OnPostLinkAsync(string? position, string? other, LinkKind kind)
    {
        if (!await FindAsync()) return NotFound();
        var one = ModelState.OptionalCount("link", position, "position");
        if (InnerEnd.Parse(other?.Contains('/') == true ? other : $"{Port}/{other}") is not { } far || one is not { } near)
            ModelState.AddModelError("link", "Type the two positions, such as 3 and 4; for another connector of this part write its name before, as in panel/4.");
        else
        {
            var part = Part;
            return await SaveAsync(new Edit($"{Shown.Name}, {near} and {other}: joined inside, {kind.Words()}",
                graft => graft.WithPart(part, found => found with { Links = found.Links.Add(new PartLink(new InnerEnd(Port, near), far, kind)) }),
                graft => $"{graft.FindPart(part)?.Links.Length ?? 0} links inside"));
        }

        return await InvalidAsync();
    }

    public async Task<IActionResult> OnPostUnlinkAsync(int index)
    {
        var part = Part;
        return await SaveAsync(new Edit("A link inside taken out",
            graft => graft.WithPart(part, found => index < 0 || index >= found.Links.Length ? found : found with { Links = found.Links.RemoveAt(index) }),
            graft => $"{graft.FindPart(part)?.Links.Length ?? 0} links inside"));
    }

    public async Task<IActionResult> OnPostRemovePortAsync()
    {
        var id = PortId;
        if (!await LoadAsync()) return NotFound();
        var result = await SaveAsync(new Edit($"Connector {Port} of {Part} taken out, with its joints, readings and photographs", graft => graft.WithoutPort(id), graft => $"{graft.Parts.Length} parts"));
        // Once it is gone there is nothing to come back to on this page.
        return result is RedirectResult ? Redirect($"/graft/{Id}/stock") : result;
    }

    public static string Cell(Pin pin) => pin.Contact == ContactState.Absent ? "absent" : pin.Signal.Value == Signal.Unknown ? "" : pin.Signal.Value.Name;

    /// <summary>The fields in which something will not do, in words.</summary>
    public IEnumerable<string> GridProblems() => Shown.AllPins().Select(pin => Problem($"signal-{pin.Position}")).OfType<string>();

    protected override void OnShown()
    {
        if (Graft.FindPart(Part) is not { } owner || Graft.FindPort(PortId) is not { } port) return;
        (Owner, Shown) = (owner, port);
    }

    protected override bool IsThere => Shown is not null;

    private async Task<bool> FindAsync() => await LoadAsync() && IsThere;

    private Task<IActionResult> SavePortAsync(string what, Port edited)
    {
        var id = PortId;
        return SaveAsync(new Edit(what, graft => graft.WithPort(id, _ => edited),
            graft => graft.FindPort(id) is { } port ? $"{port.Rows} × {port.Columns}: {string.Join(", ", port.Pins.Select(pin => $"{pin.Position} {Cell(pin)}"))}" : "this connector is not there any more"));
    }
}
