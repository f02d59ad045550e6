using System.Globalization;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The graft as a whole: every finding, and what the builder calls things.</summary>
public sealed class BenchModel(GraftStore store, ReviewCache reviews) : GraftPageModel(store, reviews)
{
    public string Budget => Graft.Budget?.Amount.ToString(CultureInfo.InvariantCulture) ?? "";

    public static string Plural(Severity severity) => severity == Severity.Fix ? "fixes" : severity.ToString().ToLowerInvariant() + "s";

    public async Task<IActionResult> OnPostAboutAsync(string? name, string? donor, string? shell, string? budget, string? currency, string? aim)
    {
        var money = ModelState.OptionalMoney("budget", budget, "the budget", currency ?? "");
        return await SaveAsync(new Edit(
            $"About the graft: {name}",
            graft => graft with
            {
                Name = Trimmed(name),
                Donor = graft.Donor with { Name = Trimmed(donor) },
                Shell = graft.Shell with { Name = Trimmed(shell) },
                Budget = money,
                Currency = Trimmed(currency).ToUpperInvariant(),
                Aim = string.IsNullOrWhiteSpace(aim) ? null : aim.ReplaceLineEndings("\n").Trim(),
            },
            graft => $"{graft.Name}: {graft.Donor.Name} ⟶ {graft.Shell.Name}, budget {graft.Budget?.In(graft.Currency) ?? "none"}"));
    }

    private static string Trimmed(string? text) => (text ?? "").Trim();
}
