namespace LooseGraft.Core.Model;

/// <summary>The donors of a graft: the first, and the others from which parts came as well. Two dead machines of one model often make one good one.</summary>
public static class GraftDonors
{
    /// <summary>Every donor, the first one first.</summary>
    public static IEnumerable<GraftDonor> Donors(this Graft graft) => graft.OtherDonors.Prepend(new GraftDonor(null, graft.Donor, graft.OldCase));

    /// <summary>The donor of that id, null for the first; null when there is none.</summary>
    public static GraftDonor? FindDonor(this Graft graft, string? id) => graft.Donors().FirstOrDefault(donor => donor.Id == id);

    /// <summary>What a donor is called; its id when it is not there.</summary>
    public static string NameOfDonor(this Graft graft, string? id) => graft.FindDonor(id)?.Machine.Name ?? id!;

    /// <summary>All of them in words: <c>one kiosk</c>, <c>one kiosk, another and a third</c>.</summary>
    public static string NameOfDonors(this Graft graft)
    {
        var names = graft.Donors().Select(donor => donor.Machine.Name).ToArray();
        return names.Length == 1 ? names[0] : $"{string.Join(", ", names[..^1])} and {names[^1]}";
    }

    /// <summary>“the donor” where there is one, otherwise its name.</summary>
    public static string CallDonor(this Graft graft, string? id) => id is null && graft.OtherDonors.IsEmpty ? "the donor" : graft.NameOfDonor(id);

    /// <summary>“the old case” where there is one, otherwise “the old case of” the donor.</summary>
    public static string CallOldCase(this Graft graft, string? donor) => $"the old case{graft.OfDonor(donor)}";

    /// <summary>Nothing where there is one donor, otherwise “ of” the donor.</summary>
    public static string OfDonor(this Graft graft, string? id) => id is null && graft.OtherDonors.IsEmpty ? "" : $" of {graft.NameOfDonor(id)}";

    /// <summary>Changes one donor.</summary>
    public static Graft WithDonor(this Graft graft, string? id, Func<GraftDonor, GraftDonor> change)
    {
        if (id is not null) return graft with { OtherDonors = [.. graft.OtherDonors.Select(donor => donor.Id == id ? change(donor) : donor)] };
        var first = change(graft.Donors().First());
        return graft with { Donor = first.Machine, OldCase = first.OldCase };
    }

    /// <summary>Puts in what the builder says of one duty of a donor's case, in place of what was said before.</summary>
    public static Graft WithAnswer(this Graft graft, string? donor, CaseAnswer answer)
        => graft.WithDonor(donor, found => found with
        {
            OldCase = [.. found.OldCase.Where(other => other.Duty != answer.Duty).Append(answer).OrderBy(other => other.Duty)],
        });
}
