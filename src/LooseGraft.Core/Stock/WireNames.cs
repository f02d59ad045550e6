using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock;

/// <summary>Names the contacts of a lead or an adapter from the side that is known.</summary>
public static class WireNames
{
    /// <summary>The part with every contact named that nothing was said of, and that a wire inside joins to a named one: it carries the same, as far as that
    /// is known. What is named already stays, right or wrong.</summary>
    /// <param name="part">Any part; one that is neither lead nor adapter is left as it is, for what lies inside it may change what it carries.</param>
    public static Part Carried(Part part)
    {
        if (part.Kind is not (PartKind.Lead or PartKind.Adapter)) return part;
        for (var found = true; found;)
        {
            found = false;
            foreach (var link in part.Links.Where(link => link.Kind == LinkKind.Wire))
            {
                foreach (var (named, bare) in new[] { (link.One, link.Other), (link.Other, link.One) })
                {
                    if (Find(part, named) is not { } known || Find(part, bare) is not { } silent || !IsNamed(known) || IsNamed(silent)) continue;
                    part = part with
                    {
                        Ports = [.. part.Ports.Select(port => port.Id == bare.Port ? port.With(silent with { Signal = known.Signal }) : port)],
                    };
                    found = true;
                }
            }
        }

        return part;
    }

    private static bool IsNamed(Pin pin) => pin.Contact == ContactState.Wired && pin.Signal.Value.Family != SignalFamily.Unknown;

    private static Pin? Find(Part part, InnerEnd end) => part.Ports.FirstOrDefault(port => port.Id == end.Port)?.PinAt(end.Position);
}
