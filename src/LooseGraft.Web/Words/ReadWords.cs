using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Model;
using static System.FormattableString;

namespace LooseGraft.Web.Words;

/// <summary>How temperatures that were read are worded.</summary>
public static class ReadWords
{
    /// <summary>The shape of how a reading stands.</summary>
    public static string Shape(this ReadStanding standing) => standing switch
    {
        ReadStanding.AsExpected => "fine",
        ReadStanding.Unexplained => "fix",
        ReadStanding.Otherwise => "check",
        _ => "note",
    };

    /// <summary>What a reading means.</summary>
    public static string Words(this ReadAgainst read) => read.Standing switch
    {
        ReadStanding.AsExpected => "as it is worked out",
        ReadStanding.Otherwise => $"{Side(read)} than worked out: what is said below explains it",
        ReadStanding.Unexplained => $"{Side(read)} than anything likely explains",
        ReadStanding.TooEarly => Invariant($"read too early to count: {HeatReading.RestMinutes:0} minutes or more of the same work{(read.IsHotter ? "; hotter already than worked out" : "")}"),
        ReadStanding.Past => "of before a change: it no longer counts",
        ReadStanding.Older => $"older: the newest {HeatFit.MostCounted} count",
        _ => "nothing is worked out to hold it against",
    };

    private static string Side(ReadAgainst read) => read.IsCooler ? "cooler" : "hotter";
}
