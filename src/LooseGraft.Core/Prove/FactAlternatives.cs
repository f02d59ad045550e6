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

    // What a caliper was not put to may be so far from where the eye put it (common practice).
    private const double ByEyeMm = 2;
    private const double HeightByEyeMm = 1;

    // A pin reaches all that is joined to it; everything about supplies and draws reaches all of the feed.
    public static FactScope Scope(Subject subject) => subject switch
    {
        PinSubject pin => new FactScope(FactField.Contacts, pin.Port),
        PortSubject port => new FactScope(FactField.Contacts, port.Port),
        MountSubject or SeatSubject => new FactScope(FactField.Seat, null),
        _ => new FactScope(FactField.Feed, null),
    };

    public static Graft Scene(Graft graft, FactScope scope)
    {
        var scene = graft with { OldCase = [], OtherDonors = [], Readings = [], Observations = [] };
        return scope.Field switch
        {
            FactField.Contacts => scene with { Loads = [] },
            FactField.Seat => scene with { Loads = [], Joints = [], Supplies = [], Seating = graft.Seating with { Runs = [], Surveys = [] } },
            _ => scene,
        };
    }

    /// <summary>Whether any joint takes part in what a port carries.</summary>
    public static bool IsJoined(Graft scene, PortId port) => scene.Joints.Any(joint => joint.From == port || joint.To == port);

    // The most that judging a scene once can take: each placement of each joint of the port looks at every contact, and the circuit at all of the graft.
    public static long Cost(Graft scene, FactScope scope) => scope switch
    {
        { Field: FactField.Feed } => scene.Loads.Sum(load => load.Draws.Length) + 1,
        { Field: FactField.Seat } => 500 + (50 * (scene.Seating.Boxes.Length + scene.Seating.Planes.Sum(plane => plane.Mounts.Length))),
        _ => 1 + scene.Parts.SelectMany(part => part.Ports).Sum(port => (long)port.PositionCount)
                + scene.Joints.Where(joint => joint.From == scope.Port || joint.To == scope.Port).Sum(joint
                    => Positions(scene, joint.From) * Positions(scene, joint.To)),
    };

    private static long Positions(Graft scene, PortId id) => scene.FindPort(id)?.PositionCount ?? 0;

    public static ImmutableArray<Alternative> Of(Graft scene, Subject subject) => subject switch
    {
        PinSubject pin => OfPin(scene, pin.Port, pin.Position),
        MountSubject mount => OfMount(scene, mount.Plane, mount.Mount),
        SeatSubject(var board) => [new($"{ByEyeMm:0} mm larger all round", scene.WithPart(board, part => part with
        {
            Body = part.Body! with { Outline = Grown(part.Body.Outline), Evidence = Evidence.Measured },
        }))],
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

    private static ImmutableArray<Alternative> OfMount(Graft scene, string plane, string mount)
    {
        Alternative Otherwise(string words, Func<Mount, Mount> change) => new(words, scene.WithSeating(seating => seating.WithMount(
            plane, mount, found => change(found) with { Evidence = Evidence.Measured })));
        Alternative Beside(string where, double x, double y)
            => Otherwise($"{ByEyeMm:0} mm {where}", found => found with { At = found.At + new PlanPoint(x, y) });
        return
        [
            Beside("to the left", -ByEyeMm, 0), Beside("to the right", ByEyeMm, 0), Beside("to the rear", 0, -ByEyeMm), Beside("to the front", 0, ByEyeMm),
            Otherwise($"{HeightByEyeMm:0} mm taller", found => found with { Height = new Millimetres(found.Height.Value + HeightByEyeMm) }),
            Otherwise($"{HeightByEyeMm:0} mm lower", found => found with { Height = new Millimetres(Math.Max(0, found.Height.Value - HeightByEyeMm)) }),
        ];
    }

    // Away from its middle, each corner both ways: exact for rectangles, near enough for the rest.
    private static ValueList<PlanPoint> Grown(ValueList<PlanPoint> outline)
    {
        var middle = PlanRectangle.Round(outline).Middle;
        return [.. outline.Select(corner => corner + new PlanPoint(Math.Sign(corner.X - middle.X) * ByEyeMm, Math.Sign(corner.Y - middle.Y) * ByEyeMm))];
    }

    private static Known<T> Measured<T>(T value) => new(value, Evidence.Measured);

    private static Spread<Amps> Doubled(Spread<Amps> currents)
        => currents.Rising(amps => new Amps(amps.Value * (amps.Value < 0 ? 1 : ThinEvidence.DrawFactor)));
}
