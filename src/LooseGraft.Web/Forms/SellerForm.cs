using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>The terms of a seller as they are typed.</summary>
public sealed record SellerForm(
    string? Name, string? Currency, string? Postage, string? FreeFrom, string? Tax, string? DaysFrom, string? DaysTo, string? Back,
    string? Sending, string? SellerNote)
{
    private const decimal MostTax = 200;

    /// <summary>Reads the terms.</summary>
    /// <param name="errors">Where errors go.</param>
    /// <param name="known">The seller as it was; a new one without an id.</param>
    public Seller Read(ModelStateDictionary errors, Seller known)
    {
        var name = Name.Trimmed() ?? "";
        if (name.Length is 0 or > GraftFileLimits.NameLength) errors.AddModelError("name", $"Give the seller a name of 1 to {GraftFileLimits.NameLength} characters.");
        if (SellerNote?.Length > GraftFileLimits.NoteLength) errors.AddModelError("sellerNote", $"A note has at most {GraftFileLimits.NoteLength} characters.");
        var currency = errors.Currency("currency", Currency, known.Currency);
        var (from, to) = (errors.Whole("daysFrom", DaysFrom, DaySpan.Most, "days"), errors.Whole("daysTo", DaysTo, DaySpan.Most, "days"));
        if (from > to) errors.AddModelError("daysTo", $"{from} days at least and {to} at most: the more stands last.");
        return known with
        {
            Name = name,
            Currency = currency,
            Postage = errors.Amount("postage", Postage, currency),
            FreeFrom = errors.Amount("freeFrom", FreeFrom, currency),
            TaxPercent = errors.Exact("tax", Tax?.TrimEnd('%', ' '), MostTax, 2, "what comes on top") ?? 0,
            Days = (from ?? to) is { } least ? new DaySpan(least, to ?? least) : null,
            TakesBack = Back switch { "yes" => true, "no" => false, _ => null },
            SendingBack = errors.Amount("sending", Sending, currency),
            Note = SellerNote.Lines(),
        };
    }
}
