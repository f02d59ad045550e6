using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>What an offer is beyond its price, as it is typed.</summary>
public sealed record TraitsForm(string? Warranty, string? Noise, EfficiencyClass? Label, string? Gives, string? Deep, string? Plugs)
{
    private const int MostWatts = 1_000_000;
    private const int LongestMm = 10_000;

    /// <summary>Reads it.</summary>
    /// <param name="errors">Where errors go.</param>
    /// <param name="known">What was known.</param>
    public OfferTraits Read(ModelStateDictionary errors, OfferTraits known)
    {
        var (plugs, problem) = PlugsText.Read(Plugs.Lines() ?? "");
        if (problem is not null) errors.AddModelError("plugs", problem + ".");
        var depth = errors.Exact("deep", Deep?.Replace("mm", "", StringComparison.OrdinalIgnoreCase), LongestMm, 1, "how deep it is in millimetres");
        var watts = errors.Exact("gives", Gives?.TrimEnd('W', 'w', ' '), MostWatts, 2, "the watts that it gives in all");
        if (depth == 0) errors.AddModelError("deep", "Nothing is 0 mm deep. Leave it empty where nobody says.");
        return known with
        {
            WarrantyYears = errors.Exact("warranty", Warranty, GraftFileLimits.WarrantyYears, 2, "the years of warranty"),
            Noise = errors.Exact("noise", Noise?.Replace("dB", "", StringComparison.OrdinalIgnoreCase), GraftFileLimits.NoiseDb, 1, "how loud it is in dB(A)"),
            Class = Label,
            Total = watts is { } most ? new Watts((double)most) : null,
            Depth = depth > 0 ? new Millimetres((double)depth) : null,
            Plugs = plugs,
        };
    }
}
