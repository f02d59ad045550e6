using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How a known donor is written.</summary>
internal static class DonorFormat
{
    public const string FormatName = "loose-graft-donor";
    public const int Version = 3;

    public static readonly ObjectCodec<KnownDonor> Donor = DescribeDonor();

    private static ObjectCodec<KnownDonor> DescribeDonor()
    {
        var donor = new ObjectCodec<KnownDonor>("donorFile", "A board that somebody has described, for the next time it comes round.");
        donor.Required("format", new TextCodec(20, pattern: $"^{FormatName}$", patternWords: $"\"{FormatName}\""), _ => FormatName,
            "Marks the file as a known donor.");
        donor.Required("formatVersion", new IntegerCodec(Version, Version), _ => Version, "The version of this format.");
        var model = donor.Required("model", Name, value => value.Model, "The machine, as its maker calls it.");
        var revision = donor.Required("revision", Name, value => value.Revision, "The revision printed on the board.");
        var kind = donor.Optional("kind", Name, value => value.Kind, "What the machine was.");
        var board = donor.Required("board", PartFormat.Part, value => value.Board, "The board.");
        var oldCase = donor.Many("oldCase", BenchNotesFormat.CaseAnswer, GraftFileLimits.CaseAnswers, value => value.OldCase, "What its case did.");
        return donor.Makes(values => new KnownDonor(values.Of(model), values.Of(revision), values.Of(board))
        {
            Kind = values.Of(kind),
            OldCase = values.Of(oldCase),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) => CrossChecks.Unique(context, "oldCase", value.OldCase, answer => answer.Duty));
    }
}
