using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit.Elements;

/// <summary>What a winding does to the elements that hang on it, alone or in a row.</summary>
/// <remarks>The circuit is solved at both crests of the wave, √2 times the effective volts one way and the other: nothing in it stores, so that each moment
/// stands by itself. What glows or grows warm does so by the effective value, half of the root of the sum of both crests squared (of a sine, and of the half
/// that a diode leaves of it). A light is on for half of the time at the most, and bears twice its current then; of a rectifier the mean counts, a πth of the
/// crest. Of a winding that nothing of it ties to ground its second leg is taken to be there.</remarks>
internal sealed class Crests
{
    // So little is nothing at all.
    private const double Noticeable = 0.1;

    private readonly Netlist _netlist;
    private readonly Element _winding;
    private readonly NetState _state;
    private readonly double _crest;
    private readonly ElementNetwork _up;
    private readonly ElementNetwork _down;

    private Crests(Netlist netlist, Element winding, NetState state, double crest)
    {
        (_netlist, _winding, _state, _crest) = (netlist, winding, state, crest);
        (_up, _down) = (At(crest), At(-crest));
    }

    /// <summary>What is wrong with the elements on a winding, and with what it reaches through them.</summary>
    public static IEnumerable<Clash> Of(Netlist netlist, Element winding, NetState state)
    {
        if (winding.Link.Figures.Volts is not { } volts) return [];
        var crests = new Crests(netlist, winding, state, volts.Value * Math.Sqrt(2));
        return crests.Elements().Concat(crests.Reached());
    }

    // What hangs on direct current alone sees the same at both.
    private IEnumerable<Clash> Elements()
        => from element in _netlist.Elements
           where element.Link.Kind != LinkKind.Winding && Math.Abs((_up.Across(element) - _down.Across(element)) ?? 0) > Noticeable
           let verdict = Verdict(element.Link, _up.Flow(element), _down.Flow(element))
           where verdict is not null
           select new Clash(verdict.Value.Kind, verdict.Value.Severity, _winding.One, element.One) { Flow = verdict.Value.Flow };

    private IEnumerable<Clash> Reached()
        => from leg in _netlist.Elements.SelectMany(element => new[] { element.One, element.Other }).DistinctBy(_up.NodeOf)
           where !_up.Fixed.Contains(_up.NodeOf(leg)) && Math.Abs((_up.VoltsAt(leg) - _down.VoltsAt(leg)) ?? 0) > Noticeable
           from met in _state.Of(leg)?.Actors.Where(WindingRules.IsNoMatchFor) ?? []
           let most = Math.Max(Math.Abs(At(_crest, leg).Into(_up.NodeOf(leg))), Math.Abs(At(-_crest, leg).Into(_up.NodeOf(leg))))
           select new Clash(ConflictKind.WindingOnCircuit, Weight(most), _winding.One, met)
           {
               Flow = new ElementFlow(_winding.Link, _winding.Link.Figures.Volts!.Value, new Amps(most)),
           };

    private static Severity Weight(double amps)
        => amps > BehindElements.MostClampAmps ? Severity.Stop : amps > BehindElements.HarmlessClampAmps ? Severity.Fix : Severity.Check;

    // Whichever leg lies on ground stays there. What a leg elsewhere can give is what flows while that is held at ground too.
    private ElementNetwork At(double volts, CircuitContact? shorted = null)
    {
        var (one, other) = _state.Of(_winding.One)?.Has(RoleKind.Ground) == true ? (0, -volts) : (volts, 0.0);
        var held = new Dictionary<int, double> { [_state.NodeOf(_winding.One)] = one, [_state.NodeOf(_winding.Other)] = other };
        if (shorted is not null) held.Add(_state.NodeOf(shorted), 0);
        return new ElementNetwork(_netlist, _state, areDriversUp: false, held);
    }

    private static (ConflictKind Kind, Severity Severity, ElementFlow Flow)? Verdict(PartLink link, ElementFlow up, ElementFlow down)
    {
        var figures = link.Figures;
        var effective = new ElementFlow(
            link, new Volts(Effective(up.Across.Value, down.Across.Value)), new Amps(Effective(up.Through.Value, down.Through.Value)));
        var (forward, back) = up.Across >= down.Across ? (up, down) : (down, up);
        return link.Kind switch
        {
            LinkKind.Lamp when figures.Volts is { } made && effective.Across > VoltSpan.Around(made, Tolerances.Rail).High
                => (ConflictKind.LightBurns, Severity.Stop, effective),
            LinkKind.Lamp when figures.Volts is null => (ConflictKind.ElementUnknown, Severity.Check, effective),
            LinkKind.Resistor when figures.Resistance is null => (ConflictKind.ElementUnknown, Severity.Check, effective),
            LinkKind.Resistor when effective.Heat.Value > (figures.Power?.Value ?? ElementRules.UsualResistorWatts)
                => (ConflictKind.ElementBurns, Severity.Fix, effective),
            LinkKind.Light when forward.Through.Value > 2 * ElementRules.MostLightAmps && !ElementRules.MadeFor(figures, effective.Across.Value)
                => (ConflictKind.LightBurns, Severity.Stop, forward),
            LinkKind.Light when back.Across.Value < -ElementRules.MostReverseVolts => (ConflictKind.ElementBurns, Severity.Fix, back),
            LinkKind.Coil => (ConflictKind.WindingOnCircuit, Severity.Fix, effective),
            LinkKind.Diode when forward.Through.Value / Math.PI > (figures.Amps?.Value ?? ElementRules.UsualDiodeAmps)
                => (ConflictKind.ElementBurns, Severity.Stop, forward),
            _ => null,
        };
    }

    private static double Effective(double up, double down) => Math.Sqrt((up * up) + (down * down)) / 2;
}
