using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Leads;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>A lead or an adapter that is a part of its own: who made it, and the sheet that proves it.</summary>
public sealed class PartSheetModel(GraftStore store, ReviewDesk reviews, TimeProvider clock) : GraftPageModel(store, reviews)
{
    [BindProperty(SupportsGet = true)]
    public string Part { get; set; } = "";

    /// <summary>The part; null when the graft has no lead or adapter of that id.</summary>
    public Part? Owner { get; private set; }

    /// <summary>Its sheet; null while nobody has described its wires.</summary>
    public PartLead? Lead { get; private set; }

    public async Task<IActionResult> OnPostTestAsync(string one, string other, bool beeped)
        => await LoadAsync() && Find(one) is { } first && Find(other) is { } second && first != second
            ? await SaveAsync(new AddPartTest(Part, new ContinuityTest<InnerEnd>(first, second, beeped, clock.GetUtcNow())))
            : NotFound();

    public Task<IActionResult> OnPostForgetAsync() => SaveAsync(new ForgetPartTests(Part));

    public Task<IActionResult> OnPostMakingAsync(PartMaking? making) => SaveAsync(new SetMaking(Part, making));

    public async Task<IActionResult> OnPostGaugeAsync(string? awg)
    {
        var gauge = ModelState.OptionalGauge("awg", awg);
        return await SaveAsync(new SetGauge(Part, gauge));
    }

    /// <summary>A contact in words.</summary>
    public string Words(InnerEnd end) => $"{Owner!.Ports.First(port => port.Id == end.Port).Name}, position {end.Position}";

    protected override bool IsThere => Owner is not null;

    protected override void OnShown()
    {
        Owner = Graft.FindPart(Part) is { Kind: PartKind.Lead or PartKind.Adapter } found ? found : null;
        Lead = Owner is null ? null : PartLead.Of(Owner);
    }

    private InnerEnd? Find(string text)
        => InnerEnd.Parse(text) is { } end && Owner?.Ports.FirstOrDefault(port => port.Id == end.Port) is { } port && end.Position <= port.PositionCount
            ? end : null;
}
