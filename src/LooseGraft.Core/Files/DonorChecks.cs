using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>What must hold between the donors of a graft file and what names them.</summary>
internal static class DonorChecks
{
    public static void Graft(Graft graft, ReadContext context, HashSet<string> parts)
    {
        CrossChecks.Unique(context, "otherDonors", graft.OtherDonors, donor => donor.Id!);
        OldCase(context, "", graft.OldCase, parts);
        foreach (var (index, donor) in graft.OtherDonors.Index()) OldCase(context, $".otherDonors[{index}]", donor.OldCase, parts);
        var donors = graft.OtherDonors.Select(donor => donor.Id!).ToHashSet();
        foreach (var (index, part) in graft.Parts.Index().Where(pair => pair.Item.Donor is not null))
        {
            CrossChecks.Exists(context, $".parts[{index}].donor", part.Donor!, donors, "the id of another donor");
            if (part.Origin != PartOrigin.Donor) context.Fail($".parts[{index}].origin", "another origin", "\"donor\", as the part has a donor");
        }

        foreach (var (index, seen) in graft.Observations.Index().Where(pair => pair.Item.Donor is not null))
            CrossChecks.Exists(context, $".observations[{index}].donor", seen.Donor!, donors, "the id of another donor");
    }

    private static void OldCase(ReadContext context, string path, ValueList<CaseAnswer> answers, HashSet<string> parts)
    {
        CrossChecks.Unique(context, $"{path}.oldCase".TrimStart('.'), answers, answer => answer.Duty);
        foreach (var (index, answer) in answers.Index().Where(pair => pair.Item.MetBy is not null))
            CrossChecks.Exists(context, $"{path}.oldCase[{index}].metBy", answer.MetBy!, parts, "the id of a part");
    }
}
