using System.Diagnostics.CodeAnalysis;
using LooseGraft.Core.Model;
using LooseGraft.Web.Words;

namespace LooseGraft.Web.Forms;

/// <summary>Where a part comes from, as a form brings it: <c>Shell</c>, <c>Donor</c>, or <c>Donor/twin</c> for one of several donors.</summary>
/// <param name="Origin">Where from.</param>
/// <param name="Donor">Which of several donors; null for the first, and for whatever is none.</param>
public readonly record struct ComesFrom(PartOrigin Origin, string? Donor) : IParsable<ComesFrom>
{
    /// <summary>What can be chosen for a part that is not taken from the bin.</summary>
    public static IEnumerable<ComesFrom> Choices(Graft graft)
        => from origin in Enum.GetValues<PartOrigin>()
           where origin != PartOrigin.Bin
           from donor in origin == PartOrigin.Donor ? graft.Donors().Select(donor => donor.Id) : [null]
           select new ComesFrom(origin, donor);

    /// <summary>Where a part comes from; null when nobody said.</summary>
    public static ComesFrom? Of(Part part) => part.Origin is { } origin ? new ComesFrom(origin, part.Donor) : null;

    /// <summary>In words, for a graft.</summary>
    public static string Words(ComesFrom? from, Graft graft)
        => from is { Origin: PartOrigin.Donor, Donor: var donor } && !graft.OtherDonors.IsEmpty
            ? $"out of {graft.NameOfDonor(donor)}"
            : from?.Origin.Words() ?? "nobody said where it comes from";

    public static ComesFrom Parse(string s, IFormatProvider? provider) => TryParse(s, provider, out var from) ? from : throw new FormatException();

    public static bool TryParse([NotNullWhen(true)] string? s, IFormatProvider? provider, out ComesFrom result)
    {
        var parts = s?.Split('/', 2) ?? [];
        var isKnown = Enum.TryParse<PartOrigin>(parts.FirstOrDefault(), out var origin) && Enum.IsDefined(origin)
            && (parts.Length == 1 || origin == PartOrigin.Donor);
        result = isKnown ? new ComesFrom(origin, parts.ElementAtOrDefault(1)) : default;
        return isKnown;
    }

    public override string ToString() => Donor is null ? $"{Origin}" : $"{Origin}/{Donor}";
}
