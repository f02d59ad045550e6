using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Leads;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>A lead or an adapter that is a part of its own: who made it, how it is wired, and the sheet that proves it.</summary>
public sealed class PartSheetModel(GraftStore store, ReviewDesk reviews, TimeProvider clock) : GraftPageModel(store, reviews)
{
    /// <summary>More twos of connectors than this are not offered.</summary>
    public const int MostPairs = 60;

    private const int MostErrors = 12;

    [BindProperty(SupportsGet = true)]
    public string Part { get; set; } = "";

    /// <summary>The connectors whose wires are shown; the first two where none are chosen.</summary>
    [BindProperty(SupportsGet = true)]
    public string? From { get; set; }

    [BindProperty(SupportsGet = true)]
    public string? To { get; set; }

    /// <summary>Every two of its connectors.</summary>
    public IEnumerable<(Port One, Port Other)> Pairs
        => from one in Owner!.Ports.Index()
           from other in Owner.Ports.Skip(one.Index + 1)
           select (one.Item, other);

    /// <summary>The wires between two of its connectors; null where it has but one.</summary>
    public PartMapPicture? Map { get; private set; }

    /// <summary>The part; null when the graft has no lead or adapter of that id.</summary>
    public Part? Owner { get; private set; }

    /// <summary>Its sheet; null while nobody has described its wires.</summary>
    public PartLead? Lead { get; private set; }

    public async Task<IActionResult> OnPostTestAsync(string one, string other, bool beeped)
        => await LoadAsync() && Find(one) is { } first && Find(other) is { } second && first != second
            ? await SaveAsync(new AddPartTest(Part, new ContinuityTest<InnerEnd>(first, second, beeped, clock.GetUtcNow())))
            : NotFound();

    public async Task<IActionResult> OnPostWireAsync(int? wireFrom, int? wireTo)
    {
        if (!await LoadAsync() || Map is not { From: var from, To: var to }) return NotFound();
        if (wireFrom is not { } first || wireTo is not { } second || first < 1 || first > from.PositionCount || second < 1 || second > to.PositionCount)
        {
            ModelState.Clear();
            ModelState.AddModelError("wire", $"{from.Name} has positions 1 to {from.PositionCount}, {to.Name} 1 to {to.PositionCount}.");
            return await InvalidAsync();
        }

        return await SaveAsync(new AddLinks(Part, [new PartLink(new InnerEnd(from.Id, first), new InnerEnd(to.Id, second), LinkKind.Wire)]));
    }

    public async Task<IActionResult> OnPostMapAsync(string? map)
    {
        if (!await LoadAsync() || Map is not { From: var from, To: var to }) return NotFound();
        var read = ContactMap.Read(map ?? "", from, to);
        foreach (var error in read.Errors.Take(MostErrors)) ModelState.AddModelError("map", error);
        return await SaveAsync(new AddLinks(Part, [.. read.Wires.Except(Owner!.Links)]));
    }

    public Task<IActionResult> OnPostUnlinkAsync(int index) => SaveAsync(new RemoveLink(Part, index));

    public Task<IActionResult> OnPostBareAsync() => SaveAsync(new ClearLinks(Part));

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
        var (one, other) = Owner is null ? default : Pairs.FirstOrDefault(pair => pair.One.Id == From && pair.Other.Id == To, Pairs.FirstOrDefault());
        Map = one is null ? null : new PartMapPicture(Owner!, one, other);
    }

    private InnerEnd? Find(string text)
        => InnerEnd.Parse(text) is { } end && Owner?.Ports.FirstOrDefault(port => port.Id == end.Port) is { } port && end.Position <= port.PositionCount
            ? end : null;
}
