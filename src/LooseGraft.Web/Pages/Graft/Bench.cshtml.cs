using System.Globalization;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The graft as a whole: every finding, and what the builder calls things.</summary>
public sealed class BenchModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    public string Budget => Graft.Budget?.Amount.ToString(CultureInfo.InvariantCulture) ?? "";

    public static string Plural(Severity severity) => severity == Severity.Fix ? "fixes" : severity.ToString().ToLowerInvariant() + "s";

    public Task<IActionResult> OnPostAboutAsync(string? name, string? donor, string? shell, string? budget, string? currency, string? aim)
        => SaveAsync(new DescribeGraft(
            Trimmed(name), Trimmed(donor), Trimmed(shell), ModelState.OptionalMoney("budget", budget, "the budget", currency ?? ""),
            Trimmed(currency).ToUpperInvariant(), aim.Lines()));

    private static string Trimmed(string? text) => (text ?? "").Trim();
}
