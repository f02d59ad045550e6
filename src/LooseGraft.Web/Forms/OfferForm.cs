using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>An offer as it is typed.</summary>
public sealed record OfferForm(
    string? What, string? Price, string? Contents, WareCondition Condition, FitWord Fit, string? Seen, string? Stock, string? OfferNote)
{
    /// <summary>Reads the offer.</summary>
    /// <param name="errors">Where errors go.</param>
    /// <param name="known">The offer as it was; null for a new one.</param>
    /// <param name="seller">Who offers it.</param>
    public Offer Read(ModelStateDictionary errors, Offer? known, Seller seller)
    {
        var what = What.Trimmed() ?? "";
        if (what.Length is 0 or > GraftFileLimits.NameLength) errors.AddModelError("what", $"Write what it is called, 1 to {GraftFileLimits.NameLength} characters.");
        if (OfferNote?.Length > GraftFileLimits.NoteLength) errors.AddModelError("offerNote", $"A note has at most {GraftFileLimits.NoteLength} characters.");
        var price = errors.Amount("price", Price, seller.Currency);
        if (price is null && Price.Trimmed() is null) errors.AddModelError("price", "Type what a pack costs, such as 12.50.");
        var (contents, problem) = ContentsText.Read(Contents.Lines() ?? "");
        if (problem is not null) errors.AddModelError("contents", problem + ".");
        return (known ?? new Offer("", seller.Id, what, Money.Zero)) with
        {
            Seller = seller.Id,
            What = what,
            Price = price ?? Money.Zero,
            Contents = contents,
            Condition = Condition,
            Fit = Fit,
            SeenOn = errors.OptionalDay("seen", Seen),
            Stock = errors.Whole("stock", Stock, GraftFileLimits.OfferPieces, "how many packs there are"),
            Note = OfferNote.Lines(),
        };
    }
}
