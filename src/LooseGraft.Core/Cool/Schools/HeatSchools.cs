using System.Collections.Immutable;
using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static System.FormattableString;

namespace LooseGraft.Core.Cool.Schools;

/// <summary>The four schools side by side for one shell at peak.</summary>
/// <param name="Verdicts">Each school, in the order of <see cref="HeatSchool"/>.</param>
/// <param name="Trusted">The one whose word counts.</param>
/// <param name="Waiting">The one that the builder trusts and that has nothing to go on yet, so that another counts; null for none.</param>
/// <param name="WhyTheyDiffer">Why they differ here, in words.</param>
public sealed record HeatSchools(ImmutableArray<HeatSchoolVerdict> Verdicts, HeatSchoolVerdict Trusted, HeatSchool? Waiting, string WhyTheyDiffer)
{
    // By the thumb air may leave 10 K warmer than it came, and 20 at most (common practice).
    private const double ThumbKelvins = 10;
    private const double MostThumbKelvins = 20;

    /// <summary>Puts the schools side by side.</summary>
    /// <param name="graft">The graft in use.</param>
    /// <param name="scene">Its scene.</param>
    /// <param name="outlook">How warm everything gets at peak.</param>
    /// <param name="read">What readings say.</param>
    public static HeatSchools Of(Graft graft, CoolScene scene, CoolOutlook outlook, HeatFit read)
    {
        ImmutableArray<HeatSchoolVerdict> all = [Printed(graft, outlook), Thumb(scene, outlook), Network(outlook), Measured(graft, scene, read)];
        var network = all[(int)HeatSchool.Network];
        var chosen = graft.Cooling.School is { } school ? all[(int)school] : network;
        return new HeatSchools(all, chosen.Band is null ? network : chosen, chosen.Band is null ? chosen.School : null, Differ(graft, scene, outlook, read));
    }

    private static HeatSchoolVerdict Printed(Graft graft, CoolOutlook outlook)
    {
        if (graft.Cooling.ShellLimit is not { } limit)
            return new HeatSchoolVerdict(HeatSchool.Printed, null, "", "Nobody wrote down what the shell's maker prints.", Evidence.Assumed);
        var band = outlook.Watts.High <= limit.Value ? HeatBand.Comfortable : outlook.Watts.Likely <= limit.Value ? HeatBand.Warm : HeatBand.Throttles;
        return new HeatSchoolVerdict(HeatSchool.Printed, band, $"{outlook.Watts.Likely} of {limit.Value}",
            $"{outlook.Watts} heat its air; the print is for the parts and fans its maker had in mind.", limit.Evidence);
    }

    private static HeatSchoolVerdict Thumb(CoolScene scene, CoolOutlook outlook)
    {
        var free = FreeAir(scene);
        if (free <= 0)
            return new HeatSchoolVerdict(HeatSchool.Thumb, null, "", "No fan blows into the shell or out of it, and the rule knows no other air.", Evidence.Assumed);
        var (rise, flow) = (outlook.Watts.Likely.Value / (AirSystem.Carries * free), LitresPerSecond.OfCubicMetres(free));
        var band = rise <= ThumbKelvins ? HeatBand.Comfortable : rise <= MostThumbKelvins ? HeatBand.Warm : HeatBand.Throttles;
        return new HeatSchoolVerdict(HeatSchool.Thumb, band, Invariant($"{rise:0} K"),
            Invariant($"{outlook.Watts.Likely} into {flow} warm it by {rise:0} K: watts over 1206 times cubic metres a second. {ThumbKelvins:0} K are well, {MostThumbKelvins:0} the most."),
            Evidence.Assumed);
    }

    // What fans move freely into the shell or out of it: the larger of the two has the other half come by itself.
    private static double FreeAir(CoolScene scene)
    {
        return Math.Max(Sum(AirDirection.In), Sum(AirDirection.Out));

        double Sum(AirDirection blows) => scene.Fans.Where(fan => fan.Blows == blows && fan.Way is { } way && scene.Ways[way].IsToRoom)
            .Sum(fan => scene.Figures[fan.FreeAir].Likely * fan.VoltsShare);
    }

    private static HeatSchoolVerdict Network(CoolOutlook outlook)
    {
        if (outlook.Tightest is not { Temperature: { } hot, Worst: { } worst } spot)
            return new HeatSchoolVerdict(HeatSchool.Network, null, "", "Nobody wrote down the watts of anything in the shell.", Evidence.Assumed);
        return new HeatSchoolVerdict(HeatSchool.Network, worst, hot.ToString(),
            $"{spot.Spot.Name.Capitalised()}, the tightest: its upper bound {(worst == HeatBand.Comfortable ? "" : "is ")}{spot.Words(worst)}.", spot.Spot.Evidence);
    }

    private static HeatSchoolVerdict Measured(Graft graft, CoolScene scene, HeatFit read)
    {
        var found = (from each in read.Readings
                     where each.Standing is not (ReadStanding.Past or ReadStanding.TooEarly or ReadStanding.Older) && each.Reading.Work == HeatCase.Peak
                     let spot = scene.Spots.FirstOrDefault(spot => spot.Part == each.Reading.Part)
                     where spot is not null
                     let hot = new Celsius(each.Reading.Hot.Value + Warmer(scene, each.Reading))
                     let outlook = new SpotOutlook(spot, new Spread<Celsius>(new(hot.Value - each.Error), hot, new(hot.Value + each.Error)), 0, 0, 0)
                     orderby outlook.Worst descending, Math.Round(outlook.Temperature!.Value.High.Value - spot.Limit.Comfortable, 3) descending
                     select (each.Reading, Outlook: outlook, Hot: hot)).FirstOrDefault();
        if (found.Outlook is null)
            return new HeatSchoolVerdict(HeatSchool.Measured, null, "", Invariant($"Nothing was read of a part at peak after {HeatReading.RestMinutes:0} minutes or more."), Evidence.Assumed);
        var warmer = Warmer(scene, found.Reading);
        var room = Math.Round(warmer) == 0 ? "" : Invariant($", and {Math.Abs(warmer):0} K {(warmer > 0 ? "more" : "less")} in a room of {scene.Figures[scene.Room].Likely:0} °C");
        return new HeatSchoolVerdict(HeatSchool.Measured, found.Outlook.Worst, found.Outlook.Temperature.ToString()!,
            $"{graft.NameOf(found.Reading.Part!)} was read at {found.Reading.Hot}{room}.", found.Reading.Evidence);
    }

    // What was read in a cooler room is so much warmer in the room that is reckoned with.
    private static double Warmer(CoolScene scene, HeatReading reading)
        => reading.Room is { } room ? scene.Figures[scene.Room].Likely - room.Value : 0;

    // Put together from what each leaves out.
    private static string Differ(Graft graft, CoolScene scene, CoolOutlook outlook, HeatFit read)
    {
        var parts = new List<string>();
        var free = FreeAir(scene);
        var moved = scene.Ways.Index().Where(way => way.Item.IsToRoom).Sum(way => Math.Abs(outlook.State.Ways[way.Index])) / 2;
        if (free > 0)
        {
            parts.Add($"By the thumb the fans move {LitresPerSecond.OfCubicMetres(free)}; against covers and each other {LitresPerSecond.OfCubicMetres(moved)} go through.");
            parts.Add("The thumb speaks of air alone, the network of each thing in it.");
        }

        if (graft.Cooling.ShellLimit is not null) parts.Add("The print knows all watts as one, wherever they are and whatever blows on them.");
        if (read.Air is { } air && HeatFit.IsOtherwise(air)) parts.Add($"Read against worked out: {FactorWords.OfAir(air)}");
        else if (read.Readings.Any(each => each.Standing == ReadStanding.AsExpected)) parts.Add("What was read is what is worked out, as far as both can be trusted.");
        return parts.Count > 0 ? string.Join(" ", parts) : "Only the network has anything to go on yet.";
    }
}
