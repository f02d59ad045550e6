using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Data;
using LooseGraft.Data.Donors;
using LooseGraft.Data.Owned;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;

namespace LooseGraft.Web.Pages;

/// <summary>The Stock stage: the parts of a graft, where they come from, and what the old case did for them.</summary>
public sealed partial class StockModel(GraftStore store, ReviewDesk reviews, BinStore bin, DonorStore donors) : GraftPageModel(store, reviews)
{
    /// <summary>What is looked for in the bin.</summary>
    [BindProperty(SupportsGet = true, Name = "bin")]
    public string? BinWords { get; set; }

    /// <summary>The known donor that is looked at.</summary>
    [BindProperty(SupportsGet = true, Name = "donor")]
    public string? DonorModel { get; set; }

    /// <summary>What was found in the bin; null while nothing is looked for.</summary>
    public BinPage? Found { get; private set; }

    /// <summary>Every known donor.</summary>
    public IReadOnlyList<KeptDonor> Known { get; private set; } = [];

    /// <summary>The revisions of the donor that is looked at.</summary>
    public IReadOnlyList<KeptDonor> Revisions => [.. Known.Where(kept => kept.Donor.Model == DonorModel)];

    public Task<IActionResult> OnPostAddPartAsync(string? name, PartKind kind, ComesFrom origin, string? cost)
    {
        var (called, price) = Named(name, cost);
        return SaveAsync(new AddPart(called, kind, origin.Origin, price, origin.Donor));
    }

    public async Task<IActionResult> OnPostAddUsualAsync(string? template, string? name, ComesFrom origin, string? cost)
    {
        if (PartTemplate.Find(template ?? "") is not { } usual)
        {
            ModelState.AddModelError("template", "Choose one of the usual parts offered.");
            return await InvalidAsync();
        }

        var (called, price) = Named(string.IsNullOrWhiteSpace(name) ? usual.Name : name, cost);
        return await SaveAsync(new AddUsualPart(usual, called, origin.Origin, price, origin.Donor));
    }

    public Task<IActionResult> OnPostDescribeAsync(string part, string? name, PartKind kind, ComesFrom? origin, string? cost, string? note, string? inPlaceOf)
    {
        var (called, price) = Named(name, cost);
        return SaveAsync(new DescribePart(part, called, kind, origin?.Origin, price, note.Trimmed(), origin?.Donor, inPlaceOf.Trimmed()));
    }

    public Task<IActionResult> OnPostRemovePartAsync(string part) => SaveAsync(new RemovePart(part));

    public async Task<IActionResult> OnPostAddPortAsync(
        string part, string connector, string? portName, Gender gender, string? rowCount, string? columnCount, string? pitch)
    {
        if (ConnectorTypes.Find(connector ?? "") is not { } type) ModelState.AddModelError("connector", "Choose one of the connectors offered.");
        else if (await LoadAsync() && Graft.FindPart(part ?? "") is { } owner)
        {
            return await SaveAsync(new AddPort(owner.Id, new Port("", string.IsNullOrWhiteSpace(portName) ? type.Name : portName.Trim(), type, gender)
            {
                OwnRows = ModelState.OptionalCount("rowCount", rowCount, "rows"),
                OwnColumns = ModelState.OptionalCount("columnCount", columnCount, "columns"),
                OwnPitch = string.IsNullOrWhiteSpace(pitch) || ModelState.NotNegative("pitch", pitch, "the pitch", "mm") is not { } millimetres
                    ? null
                    : new Millimetres(millimetres),
            }));
        }

        return await InvalidAsync();
    }

    public Task<IActionResult> OnPostRevisionAsync(string part, string? revision, Evidence evidence)
        => SaveAsync(new SetRevision(part, revision.Trimmed() is { } printed ? new Known<string>(printed, evidence) : null));

    public Task<IActionResult> OnPostHolesAsync(string part, string? holes) => SaveAsync(new SetHoles(part, HoleLines.Read(ModelState, holes)));

    public async Task<IActionResult> OnPostTakeFromBinAsync(int entry, string? count)
    {
        var pieces = ModelState.OptionalCount("count", count, "pieces") ?? 1;
        if (await bin.FindAsync(entry, HttpContext.RequestAborted) is not { } row)
        {
            ModelState.AddModelError("", "That is not in the bin any more.");
            return await InvalidAsync();
        }

        var item = row.Item;
        var note = $"{pieces} of it, {item.Condition.ToString().ToLowerInvariant()}{(item.Place.Length > 0 ? $", in {item.Place}" : "")}.";
        return await SaveAsync(
            new TakeFromBin(new BinClaim(row.Key, pieces), item.Name, item.Kind, item.Paid is { } paid ? new Money(paid) : null, item.Currency, note));
    }

    public override async Task OnPageHandlerExecutionAsync(PageHandlerExecutingContext context, PageHandlerExecutionDelegate next)
    {
        await base.OnPageHandlerExecutionAsync(context, next);
        Known = await donors.AllAsync(alsoRemoved: false, HttpContext.RequestAborted);
        if (!string.IsNullOrWhiteSpace(BinWords)) Found = await bin.SearchAsync(BinWords, HttpContext.RequestAborted);
    }

    private (string Name, Money? Cost) Named(string? name, string? cost)
    {
        var called = (name ?? "").Trim();
        if (called.Length == 0) ModelState.AddModelError("name", "Give the part a name, as you would say it.");
        return (called, ModelState.OptionalMoney("cost", cost, "the cost"));
    }
}
