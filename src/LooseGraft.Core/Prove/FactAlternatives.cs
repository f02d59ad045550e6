using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Prove;

/// <summary>The graft as it would be if an unproven fact were otherwise, without what that fact cannot reach.</summary>
internal static class FactAlternatives
{
    /// <summary>Bound on the alternatives of one fact.</summary>
    public const int Most = 24;

    // A pin reaches all that is joined to it; everything about supplies and draws reaches all of the feed.
    public static PortId? Scope(Subject subject) => subject switch
    {
        PinSubject pin => pin.Port,
        PortSubject port => port.Port,
        _ => null,
    };

    public static Graft Scene(Graft graft, PortId? scope)
    {
        var scene = graft with { OldCase = [], Readings = [], Observations = [] };
        return scope is null ? scene : scene with { Loads = [] };
    }

    /// <summary>Whether any joint takes part in what a port carries.</summary>
    public static bool IsJoined(Graft scene, PortId port) => scene.Joints.Any(joint => joint.From == port || joint.To == port);

    // The most that judging a scene once can take: each placement of each joint of the port looks at every contact, and the circuit at all of the graft.
    public static long Cost(Graft scene, PortId? scope)
        => scope is null
            ? scene.Loads.Sum(load => load.Draws.Length) + 1
            : 1 + scene.Parts.SelectMany(part => part.Ports).Sum(port => (long)port.PositionCount)
                + scene.Joints.Where(joint => joint.From == scope || joint.To == scope).Sum(joint => Positions(scene, joint.From) * Positions(scene, joint.To));

    private static long Positions(Graft scene, PortId id) => scene.FindPort(id)?.PositionCount ?? 0;

    public static ImmutableArray<Alternative> Of(Graft scene, Subject subject) => subject switch
    {
        PinSubject pin => OfPin(scene, pin.Port, pin.Position),
        RailSubject(var supply, var rail) => [new("a fifth less", scene.WithSupply(supply, found => found with
        {
            Rails = [.. found.Rails.Select(
                each => each.Name == rail ? each with { Limit = Measured(new Amps(each.Limit.Value.Value * ThinEvidence.LimitFactor)) } : each)],
        }))],
        TotalSubject(var supply) => [new("a fifth less", scene.WithSupply(supply, found => found with
        {
            Total = found.Total! with { Limit = Measured(new Watts(found.Total.Limit.Value.Value * ThinEvidence.LimitFactor)) },
        }))],
        SharedLimitSubject(var supply, var index) => [new("a fifth less", scene.WithSupply(supply, found => found with
        {
            Combined = [.. found.Combined.Index().Select(each => each.Index != index ? each.Item
                : each.Item with { Limit = Measured(new Watts(each.Item.Limit.Value.Value * ThinEvidence.LimitFactor)) })],
        }))],
        DrawSubject(var load, var rail, var socket) => [new("twice as much", scene.WithDraw(load, rail, socket, draw => draw with
        {
            Idle = Doubled(draw.Idle),
            Typical = Doubled(draw.Typical),
            Peak = Doubled(draw.Peak),
            Evidence = Evidence.Measured,
        }))],
        _ => [],
    };

    /// <summary>How many alternatives each contact of a port has.</summary>
    public static int Count(Graft scene, PortId id)
        => scene.FindPort(id) is { } port ? Math.Min(Most, PlausibleSignals.On(port, scene.FindPart(id.Part)!.Kind).Count) : 0;

    private static ImmutableArray<Alternative> OfPin(Graft scene, PortId id, int position)
    {
        if (scene.FindPort(id) is not { } port) return [];
        var now = port.PinAt(position).Signal.Value;
        return [.. PlausibleSignals.On(port, scene.FindPart(id.Part)!.Kind).Where(signal => signal != now).Take(Most)
            .Select(signal => new Alternative(
                signal.ToString(), scene.WithPin(id, position, pin => pin with { Signal = new Known<Signal>(signal, Evidence.Measured) })))];
    }

    private static Known<T> Measured<T>(T value) => new(value, Evidence.Measured);

    private static Spread<Amps> Doubled(Spread<Amps> currents)
        => currents.Rising(amps => new Amps(amps.Value * (amps.Value < 0 ? 1 : ThinEvidence.DrawFactor)));
}
