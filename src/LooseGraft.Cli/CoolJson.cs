using LooseGraft.Core;
using LooseGraft.Core.Cool;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Cli;

/// <summary>The air as a program reads it: temperatures and flows, likely and between which figures nine draws in ten lie.</summary>
internal static class CoolJson
{
    /// <summary>Everything at each kind of work.</summary>
    public static object Of(Review review)
    {
        var (cool, scene) = (review.Cool, review.Cool.Scene);
        return new
        {
            Works = Enum.GetValues<HeatCase>().Select(work => Work(cool.At(work))),
            Readings = cool.Read.Readings.Select(read => new
            {
                read.Reading.Id,
                ReadCelsius = Rounded(read.Reading.Hot.Value),
                ExpectedCelsius = read.Expected is { } expected ? Range(expected) : null,
                FittedCelsius = read.Fitted is { } fitted ? Rounded(fitted.Value) : (double?)null,
                read.Standing,
            }),
            AirTimes = cool.Read.Air is { } air ? Range(air) : null,
            ContactTimes = cool.Read.Contacts.Select(contact => new { contact.Part, Times = Range(contact.Times) }),
            Schools = !cool.Scene.HasShell ? null : review.HeatSchools.Verdicts.Select(verdict => new { verdict.School, verdict.Band, verdict.Figure }),
        };

        object Work(CoolOutlook at) => new
        {
            at.Work,
            HeatWatts = Range(at.Watts),
            RoomCelsius = Rounded(at.State.Room),
            Spaces = scene.Spaces.Select((space, index) => new
            {
                space.Id,
                space.Name,
                AirCelsius = Range(at.Spaces[index]),
                ThroughLitresPerSecond = Rounded(at.State.Through[index]),
            }),
            Ways = scene.Ways.Select((way, index) => new
            {
                Way = way.Key,
                way.Name,
                way.Cover,
                FlowLitresPerSecond = Range(at.Ways[index]),
                DrawnAgainKelvins = Rounded(at.State.DrawnAgain[index]),
            }),
            Fans = scene.Fans.Select((fan, index) => new
            {
                fan.Part,
                Speed = Rounded(at.State.Speeds[index]),
                FlowLitresPerSecond = Rounded(at.State.Fans[index] * 1000),
            }),
            Things = at.Spots.Select(spot => new
            {
                spot.Spot.Part,
                Hot = spot.Spot.Kind,
                Celsius = spot.Temperature is { } known ? Range(known) : null,
                spot.Spot.Limit.Comfortable,
                spot.Spot.Limit.Throttles,
                spot.Spot.Limit.Never,
                spot.ChanceWarm,
                spot.ChanceThrottles,
                spot.ChanceHarmed,
                spot.Likely,
                spot.Worst,
            }),
            at.State.IsSettled,
            OtherStateKelvins = Rounded(at.State.OtherState),
        };
    }

    private static object Range<T>(Spread<T> spread)
        where T : struct, IQuantity<T>
        => new { Low = Rounded(spread.Low.Value), Likely = Rounded(spread.Likely.Value), High = Rounded(spread.High.Value) };

    private static double Rounded(double value) => Math.Round(value, 3);
}
