using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock;

namespace LooseGraft.Core.Feed;

/// <summary>What a part of a usual sort takes, for one of which nobody knows it: a range to begin with.</summary>
public static class UsualDraws
{
    // What a board makes by itself of another voltage it makes with a tenth lost (makers' data sheets of step-down converters).
    private const double StepDown = 0.9;

    /// <summary>The draws of a usual sort as a part would take them: from the rails that it has power contacts for; the rest it makes of its highest.</summary>
    public static ImmutableArray<Draw> Of(Part part, PartTemplate template)
    {
        ImmutableArray<Draw> draws = [.. TemplatePart.Draws(template)];
        var rails = RailsOf(part);
        if (rails.Length == 0 || draws.All(draw => rails.Contains(draw.Rail))) return draws;
        var main = rails.MaxBy(rail => Signal.Parse(rail)!.SupplyVoltage!.Value.Value)!;
        return [.. draws.GroupBy(draw => rails.Contains(draw.Rail) ? draw.Rail : main).Select(same => Together(same.Key, [.. same]))];
    }

    /// <summary>Sorts of its kind that something is known of, each with the watts that the part would take at peak; those first whose rails it has.</summary>
    public static IEnumerable<(PartTemplate Sort, Spread<Watts> Peak)> Sorts(Part part)
        => from template in PartTemplate.All
           where template.Kind == part.Kind && template.Draws is { Count: > 0 }
           let draws = Of(part, template)
           orderby RailsOf(part).Except(TemplatePart.Draws(template).Select(draw => draw.Rail)).Count()
           select (template, draws.Select(draw => draw.Peak.Rising(amps => Signal.Parse(draw.Rail)!.SupplyVoltage!.Value * amps))
               .Aggregate((one, other) => one + other));

    private static string[] RailsOf(Part part)
        => [.. from port in part.Ports
               where port.Type.Housing is Housing.Power or Housing.Barrel && port.Gender == port.Type.BoardGender
               from pin in port.Pins
               let signal = pin.Signal.Value
               where pin.Contact == ContactState.Wired && signal is { SupplyVoltage.Value: > 0, IsStandby: false }
               group signal by signal.Name into same
               select same.Key];

    private static Draw Together(string rail, Draw[] draws)
    {
        return new Draw(rail, Sum(draw => draw.Idle), Sum(draw => draw.Typical), Sum(draw => draw.Peak), draws.Select(draw => draw.Evidence).Weakest())
        {
            Note = draws[0].Note,
        };

        Spread<Amps> Sum(Func<Draw, Spread<Amps>> of)
            => draws.Select(draw => of(draw).Rising(amps => new Amps(amps.Value * Share(draw)))).Aggregate((one, other) => one + other);

        double Share(Draw draw) => draw.Rail == rail ? 1
            : Signal.Parse(draw.Rail)!.SupplyVoltage!.Value.Value / Signal.Parse(rail)!.SupplyVoltage!.Value.Value / StepDown;
    }
}
