using System.Text;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Data.Offers;
using LooseGraft.Data.Tables;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Offers that come as a file or pasted: a table, or the open file of offers. They come in whole or not at all.</summary>
public static class OfferUpload
{
    /// <summary>Reads them.</summary>
    /// <returns>The edit that brings them in; null, with errors, when anything of them will not do.</returns>
    public static async Task<BringOffers?> ReadAsync(ModelStateDictionary errors, Graft graft, IFormFile? file, string? pasted, CancellationToken cancellation)
    {
        var (field, name) = file is null ? ("pasted", "What was pasted") : ("file", file.FileName);
        var bytes = Encoding.UTF8.GetBytes(pasted.Trimmed() ?? "");
        if (file is not null)
        {
            using var copied = new MemoryStream();
            await file.CopyToAsync(copied, cancellation);
            bytes = copied.ToArray();
        }

        if (bytes.Length == 0)
        {
            errors.AddModelError("pasted", "Choose a file, or paste a table.");
            return null;
        }

        var isDocument = bytes.AsSpan().TrimStart(" \r\n\t\uFEFF"u8).StartsWith("{"u8);
        var (sheet, problems) = isDocument ? OfJson(bytes, graft) : OfferTable.Read(CsvTable.Read(bytes), graft);
        if (sheet is not null) return new BringOffers(sheet.Sellers, sheet.Offers);
        errors.AddModelError(field, $"{name} was not brought in: nothing was changed.");
        foreach (var problem in problems) errors.AddModelError(field, problem.EndsWith('.') ? problem : problem + ".");
        return null;
    }

    private static (OfferSheet?, IReadOnlyList<string>) OfJson(byte[] bytes, Graft graft)
    {
        var (sheet, errors) = OfferFile.Read(bytes);
        if (sheet is null) return (null, [.. errors.Select(error => error.ToString())]);
        var offers = sheet.Offers.Length + graft.Buying.Offers.Length;
        var sellers = sheet.Sellers.Count(seller => graft.Buying.FindSeller(seller.Id) is null) + graft.Buying.Sellers.Length;
        return offers > GraftFileLimits.Offers ? (null, [$"{sheet.Offers.Length} offers, and {graft.Buying.Offers.Length} are there; a graft keeps at most {GraftFileLimits.Offers}"])
            : sellers > GraftFileLimits.Sellers ? (null, [$"{sellers} sellers; a graft keeps at most {GraftFileLimits.Sellers}"]) : (sheet, []);
    }
}
