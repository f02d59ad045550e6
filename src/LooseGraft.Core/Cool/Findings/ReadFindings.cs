using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Findings;

/// <summary>What the rules say of temperatures that were read.</summary>
internal static class ReadFindings
{
    public static IEnumerable<Finding> Of(Graft graft, CoolScene scene, HeatFit fit)
    {
        // Of several readings of one thing the hottest speaks.
        foreach (var read in fit.Readings.Where(read => !read.Reading.IsPast).GroupBy(read => SubjectOf(read.Reading)))
        {
            var byHeat = read.OrderByDescending(each => each.Reading.Hot.Value).ToArray();
            if (BeyondLimit(graft, scene, byHeat[0].Reading) is { } beyond) yield return beyond;
            if (byHeat.FirstOrDefault(each => each.Standing == ReadStanding.Unexplained) is { } odd) yield return Unexplained(graft, odd);
            else if (byHeat.FirstOrDefault(IsOtherwise) is { } other) yield return Otherwise(graft, other, fit);
        }
    }

    /// <summary>What a reading is of.</summary>
    public static Subject SubjectOf(HeatReading reading) => reading switch
    {
        { Part: { } part } => new PartSubject(part),
        { Way: { } way } => new AirWaySubject(way),
        _ => new SpaceSubject(reading.Space!),
    };

    // One that is hotter than it should become, before it has become so, tells enough.
    private static bool IsOtherwise(ReadAgainst read) => read is { Standing: ReadStanding.Otherwise } or { Standing: ReadStanding.TooEarly, IsHotter: true };

    private static Finding? BeyondLimit(Graft graft, CoolScene scene, HeatReading reading)
    {
        if (reading.Part is null || scene.Spots.FirstOrDefault(spot => spot.Part == reading.Part) is not { Limit: var limit } spot) return null;
        var (band, most) = reading.Hot.Value switch
        {
            var hot when hot > limit.Never => (HeatBand.Harmed, limit.Never),
            var hot when hot > limit.Throttles => (HeatBand.Throttles, limit.Throttles),
            var hot when hot > limit.Comfortable => (HeatBand.Warm, limit.Comfortable),
            _ => (HeatBand.Comfortable, 0),
        };
        if (band == HeatBand.Comfortable) return null;
        return Finding.Of(CoolRules.ReadTooHot, SubjectOf(reading), new ReadBeyondLimit(reading.Part, spot.Kind, reading.Hot, new Celsius(most)),
            $"{Said(graft, reading)}{(reading.Evidence.IsProven() ? "" : $", as others say it ({reading.Evidence.Words()})")}: beyond {most:0} °C, {limit.Beyond[(int)band - 1]}.", reading.Evidence,
            "switch it off before it is read again, and look whether its cooler and its fans do what they should", "take one of the changes that would help, then read it again")
            with
        { Severity = band switch { HeatBand.Warm => Severity.Check, HeatBand.Throttles => Severity.Fix, _ => Severity.Stop } };
    }

    private static Finding Otherwise(Graft graft, ReadAgainst read, HeatFit fit)
    {
        var (reading, range) = (read.Reading, read.Expected!.Value);
        var own = fit.Contacts.FirstOrDefault(contact => contact.Part == reading.Part && HeatFit.IsOtherwise(contact.Times));
        var why = own is not null ? FactorWords.OfContact(graft, own)
            : fit.Air is { } air && HeatFit.IsOtherwise(air) ? FactorWords.OfAir(air)
            : read.Standing == ReadStanding.TooEarly ? "It was still getting warmer: read it again after half an hour." : "Several small things together would explain it.";
        return Finding.Of(CoolRules.ReadOtherwise, SubjectOf(reading), new ReadAgainstModel(reading.Hot, range.Low, range.High),
            $"{Said(graft, reading)}; worked out are {range}. {why}", reading.Evidence,
            "look at what the words name, and read it again", "take over on Cool what the readings say, so that everything is worked out with it",
            "if something has been changed since, mark the reading as of before");
    }

    private static Finding Unexplained(Graft graft, ReadAgainst read)
    {
        var (reading, range) = (read.Reading, read.Expected!.Value);
        var why = read.IsCooler ? "A probe that does not touch, bright metal that was looked at, or fewer watts than are written down show so little."
            : reading.Part is not null ? "The cooler does not touch as it should: a film left on it, no paste, something under its edge, a mount that does not press; or its fan stands still."
            : "Something heats it that nobody wrote down, or a fan stands still.";
        return Finding.Of(CoolRules.ReadUnexplained, SubjectOf(reading), new ReadAgainstModel(reading.Hot, range.Low, range.High),
            $"{Said(graft, reading)}; worked out are {range}, and no likely factor of the air or of its cooler explains that. {why}", reading.Evidence,
            read.IsCooler ? "read it again, with the probe taped to it" : "switch off, let it cool, and look how the cooler sits", "read it again",
            "if something has been changed since, mark the reading as of before")
            with
        { Severity = read.IsCooler ? Severity.Check : Severity.Fix };
    }

    private static string Said(Graft graft, HeatReading reading)
        => $"{graft.NameOfRead(reading).Capitalised()} was read at {reading.Hot} at {reading.Work.Words()}, after {reading.Minutes}";
}
