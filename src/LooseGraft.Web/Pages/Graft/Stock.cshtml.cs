using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The Stock stage: the parts of a graft and their connectors.</summary>
public sealed class StockModel(GraftStore store) : GraftPageModel(store)
{
    public override Stage? Stage => Core.Findings.Stage.Stock;

    /// <summary>What was typed into a field of the form that could not be kept; null in every other form.</summary>
    public string? Kept(string handler, string field) => Request.Query["handler"] == handler ? Typed(field, null) : null;

    public async Task<IActionResult> OnPostAddPartAsync(string? name, PartKind kind, PartOrigin origin, string? cost)
    {
        var called = (name ?? "").Trim();
        if (called.Length == 0) ModelState.AddModelError("name", "Give the part a name, as you would say it.");
        var price = ModelState.OptionalMoney("cost", cost, "the cost");
        return await SaveAsync(new Edit(
            $"New part {called}",
            graft => graft with
            {
                Parts = graft.Parts.Add(new Part(GraftEdits.FreshId(called, graft.Parts.Select(part => part.Id)), called, kind) { Origin = origin, Cost = price }),
            },
            graft => $"{graft.Parts.Length} parts"));
    }

    public async Task<IActionResult> OnPostRemovePartAsync(string part)
        => await SaveAsync(new Edit($"Part {part} taken out, with its joints and draws", graft => graft.WithoutPart(part), graft => $"{graft.Parts.Length} parts"));

    public async Task<IActionResult> OnPostAddPortAsync(
        string part, string connector, string? portName, Gender gender, string? rowCount, string? columnCount, string? pitch)
    {
        if (ConnectorTypes.Find(connector ?? "") is not { } type) ModelState.AddModelError("connector", "Choose one of the connectors offered.");
        else if (await LoadAsync() && Graft.FindPart(part ?? "") is { } owner)
        {
            var name = string.IsNullOrWhiteSpace(portName) ? type.Name : portName.Trim();
            var port = new Port(GraftEdits.FreshId(name, owner.Ports.Select(other => other.Id)), name, type, gender)
            {
                OwnRows = ModelState.OptionalCount("rowCount", rowCount, "rows"),
                OwnColumns = ModelState.OptionalCount("columnCount", columnCount, "columns"),
                OwnPitch = string.IsNullOrWhiteSpace(pitch) || ModelState.NotNegative("pitch", pitch, "the pitch", "mm") is not { } millimetres ? null : new Millimetres(millimetres),
            };
            return await SaveAsync(new Edit(
                $"{owner.Name} has a {type.Name}: {name}",
                graft => graft.WithPart(owner.Id, found => found with { Ports = found.Ports.Add(port.PositionCount == type.Pinout.Count ? port with { Pins = [.. Pin.UsualFor(type)] } : port) }),
                graft => $"{graft.FindPart(owner.Id)?.Ports.Length ?? 0} connectors"));
        }

        return await InvalidAsync();
    }
}
