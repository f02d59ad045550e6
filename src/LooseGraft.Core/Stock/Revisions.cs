using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock;

/// <summary>Holds two revisions of one board against each other.</summary>
public static class Revisions
{
    // Two descriptions of one hole, each by caliper: closer than this they are the same.
    private const double SameHoleMm = 0.5;

    /// <summary>Every difference: ports, their shapes, pins, holes; in the order of the first board. Ports are matched by id.</summary>
    public static ImmutableArray<RevisionDifference> Between(Part one, Part other)
        => [.. Ports(one, other), .. Holes(one.Holes, other.Holes)];

    /// <summary>A board of which it is not known which of two revisions it is: every pin in which they differ is only assumed.</summary>
    public static Part Unsure(Part one, Part other)
        => Between(one, other).Where(difference => difference.Pin is not null).Aggregate(one, (board, difference) =>
        {
            var (id, position) = difference.Pin!.Value;
            return board with { Ports = [.. board.Ports.Select(port => port.Id != id ? port : Doubted(port, position, difference.Other))] };
        });

    private static Port Doubted(Port port, int position, string otherwise)
    {
        var pin = port.PinAt(position);
        return port.With(pin with { Signal = pin.Signal with { Evidence = Evidence.Assumed, Note = $"on the other revision: {otherwise}" } });
    }

    private static IEnumerable<RevisionDifference> Ports(Part one, Part other)
    {
        var others = other.Ports.ToDictionary(port => port.Id);
        foreach (var port in one.Ports)
        {
            if (!others.Remove(port.Id, out var same))
                yield return new RevisionDifference(port.Name, Shape(port), "not there");
            else if (Shape(port) != Shape(same))
                yield return new RevisionDifference(port.Name, Shape(port), Shape(same));
            else
                foreach (var difference in Pins(port, same)) yield return difference;
        }

        foreach (var port in other.Ports.Where(port => others.ContainsKey(port.Id)))
            yield return new RevisionDifference(port.Name, "not there", Shape(port));
    }

    private static IEnumerable<RevisionDifference> Pins(Port one, Port other)
        => one.AllPins().Zip(other.AllPins())
            .Select(pair => (pair.First.Position, One: Words(pair.First), Other: Words(pair.Second)))
            .Where(pair => pair.One != pair.Other)
            .Select(pair => new RevisionDifference($"{one.Name}, position {pair.Position}", pair.One, pair.Other, (one.Id, pair.Position)));

    private static IEnumerable<RevisionDifference> Holes(ValueList<MountHole> one, ValueList<MountHole> other)
    {
        foreach (var hole in one.Where(hole => !other.Any(same => IsSame(hole, same))))
            yield return new RevisionDifference("mounting hole", Place(hole), "not there");
        foreach (var hole in other.Where(hole => !one.Any(same => IsSame(hole, same))))
            yield return new RevisionDifference("mounting hole", "not there", Place(hole));
    }

    private static bool IsSame(MountHole one, MountHole other)
        => Math.Abs(one.X - other.X) <= SameHoleMm && Math.Abs(one.Y - other.Y) <= SameHoleMm
            && Math.Abs(one.Diameter.Value - other.Diameter.Value) <= SameHoleMm;

    private static string Place(MountHole hole)
        => string.Create(CultureInfo.InvariantCulture, $"{hole.X:0.##} mm across, {hole.Y:0.##} mm deep, {hole.Diameter.Value:0.##} mm wide");

    private static string Shape(Port port)
        => $"{port.Type.Name}, {port.Rows} × {port.Columns} at {port.Pitch}, {(port.Gender == Gender.Male ? "pins" : "sockets")}";

    private static string Words(Pin pin)
        => pin.Contact switch
        {
            ContactState.Absent => "left out",
            ContactState.Blocked => "filled",
            ContactState.Unwired => "no conductor",
            _ => $"{pin.Signal.Value}{(pin.Level is { } level ? $" at {level}" : "")}",
        };
}
