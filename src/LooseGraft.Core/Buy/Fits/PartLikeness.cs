using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Leads;

namespace LooseGraft.Core.Buy.Fits;

/// <summary>Whether two parts are the same thing by their connectors and by what is joined inside them. Their names are not asked.</summary>
internal static class PartLikeness
{
    // Beyond it, nobody looks contact by contact: such a part is told by a person.
    private const int MostContacts = 400;

    /// <summary>Whether one could stand for the other. A part without connectors is like none, nor is one that holds more
    /// than wires: nothing of it can be held against the other.</summary>
    public static bool IsAlike(Part one, Part other)
    {
        if (one.Kind != other.Kind || one.Ports.IsEmpty || one.Ports.Length != other.Ports.Length) return false;
        if (one.Links.Concat(other.Links).Any(link => link.Kind != LinkKind.Wire)) return false;
        if (one.Ports.Sum(port => port.PositionCount) > MostContacts) return false;
        var (left, pairs) = (other.Ports.ToList(), new List<(Port One, Port Other)>());
        foreach (var port in one.Ports)
        {
            if (left.Find(each => IsAlike(port, each)) is not { } like) return false;
            left.Remove(like);
            pairs.Add((port, like));
        }

        return Nets(one, pairs.Select(pair => pair.One)).SequenceEqual(Nets(other, pairs.Select(pair => pair.Other)));
    }

    private static bool IsAlike(Port one, Port other)
        => one.Type == other.Type && one.Gender == other.Gender && one.Rows == other.Rows && one.Columns == other.Columns && one.Pitch == other.Pitch
            && Enumerable.Range(1, one.PositionCount).All(position => one.PinAt(position) is var pin && other.PinAt(position) is var same
                && pin.Contact == same.Contact && pin.Signal.Value == same.Signal.Value);

    // Of each contact the first that it is joined with, counted through all ports: the same numbers are the same joins.
    private static IEnumerable<int> Nets(Part part, IEnumerable<Port> ports)
    {
        var nets = new LeadNets<InnerEnd>();
        foreach (var link in part.Links) nets.Join(link.One, link.Other);
        var contacts = ports.SelectMany(port => Enumerable.Range(1, port.PositionCount).Select(position => new InnerEnd(port.Id, position))).ToArray();
        return contacts.Select(contact => Array.FindIndex(contacts, first => first == contact || nets.Joins(first, contact)));
    }
}
