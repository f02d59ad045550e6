using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Feed;

/// <summary>Figures of a graft that small circuits ask for, so that nobody types what is known.</summary>
public static class CircuitFigures
{
    private const string FanRail = "+12 V";

    /// <summary>What is known of one graft.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="feed">What its supplies have to spare.</param>
    /// <param name="joint">The joint that needs the circuit; null when none does in particular.</param>
    public static ImmutableArray<CircuitFigure> Of(Graft graft, FeedReview feed, JointReview? joint = null)
    {
        var fans = graft.Parts.Where(part => part.Kind == PartKind.Fan).ToArray();
        var found = ImmutableArray.CreateBuilder<CircuitFigure>();
        if (Running(graft, fans) is { } running) found.Add(running);
        if (fans.Length > 1) found.Add(new CircuitFigure("count", fans.Length, "the fans of this graft"));
        if (Header(graft) is { } header) found.Add(header);
        if (Standby(feed) is { } spare) found.Add(spare);
        if (joint is not null) found.AddRange(At(joint));
        return found.DrainToImmutable();
    }

    // Where the two ends of a joint are made for different voltages, those that are furthest apart; and what feeds a light of it.
    private static IEnumerable<CircuitFigure> At(JointReview joint)
    {
        var met = (from contact in joint.Decided.IsEmpty ? joint.Pushed : joint.Decided
                   let one = joint.From.At(contact.From)
                   let other = joint.To.At(contact.To)
                   select (one, other, at: $"position {contact.From} of {joint.From.Port.Name}")).ToArray();
        var apart = from pair in met
                    where Volts(pair.one) is not null && Volts(pair.other) is not null && Volts(pair.one) != Volts(pair.other)
                    orderby Math.Abs(Volts(pair.one)!.Value - Volts(pair.other)!.Value) descending
                    select pair;
        if (apart.FirstOrDefault() is { at: not null } far)
        {
            yield return new CircuitFigure("high", Math.Max(Volts(far.one)!.Value, Volts(far.other)!.Value), far.at);
            yield return new CircuitFigure("low", Math.Min(Volts(far.one)!.Value, Volts(far.other)!.Value), far.at);
        }

        var lit = from pair in met
                  let fed = Volts(pair.one) ?? Volts(pair.other)
                  where fed > 0 && (pair.one.Family == SignalFamily.Light || pair.other.Family == SignalFamily.Light)
                  orderby fed descending
                  select new CircuitFigure("supply", fed.Value, pair.at);
        if (lit.FirstOrDefault() is { } light) yield return light;
    }

    private static double? Volts(Terminal terminal) => terminal.Pin.Level?.Value ?? terminal.Signal.SupplyVoltage?.Value;

    // Of several fans the one that takes most: what bears it bears the others.
    private static CircuitFigure? Running(Graft graft, Part[] fans)
        => (from fan in fans
            from load in graft.Loads.Where(load => load.Part == fan.Id)
            from draw in load.Draws.Where(draw => draw.Rail == FanRail)
            orderby draw.Typical.Likely.Value descending
            select new CircuitFigure("running", Math.Round(1000 * draw.Typical.Likely.Value), $"{fan.Name} as it runs")).FirstOrDefault();

    private static CircuitFigure? Header(Graft graft)
        => (from part in graft.Parts.Where(part => part.Kind == PartKind.Board)
            from port in part.Ports.Where(port => port.Pins.Any(pin => pin.Signal.Value.Name == "fan-tacho"))
            let amps = port.Limit?.Amps?.Value ?? port.Type.Port?.Amps
            where amps is not null
            select new CircuitFigure("header", amps.Value, port.Limit is null ? $"usual for {port.Name}" : port.Name)).FirstOrDefault();

    private static CircuitFigure? Standby(FeedReview feed)
        => (from supply in feed.Supplies
            from limit in supply.Limits
            where limit.Kind == FeedLimitKind.Rail && limit.Name.Contains("standby", StringComparison.Ordinal) && limit.RailVoltage is not null
            let left = limit.LeastLeftInWatts.Value / limit.RailVoltage!.Value.Value
            where left > 0
            select new CircuitFigure("spare", Math.Floor(1000 * left), $"least left on {limit.Name}")).FirstOrDefault();
}
