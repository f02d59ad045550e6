using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Wire.Leads;

namespace LooseGraft.Core.Wire.Adapters;

/// <summary>A go-between as it would be used: one face takes the plug, the other goes on the header.</summary>
/// <param name="Part">The part that it is.</param>
/// <param name="Gloss">What to look out for.</param>
/// <param name="Inner">The face that the plug goes on.</param>
/// <param name="Outer">The face that goes on the header.</param>
/// <param name="Price">What it costs; nothing when it is owned.</param>
/// <param name="IsOwned">Whether it lies in the graft already.</param>
public sealed record Adapter(Part Part, string Gloss, Port Inner, Port Outer, PriceSpan Price, bool IsOwned)
{
    /// <summary>As a builder says it.</summary>
    public string Name => Part.Name;

    /// <summary>Every use of the adapters that shops sell.</summary>
    public static IReadOnlyList<Adapter> Sold { get; } =
        [.. PartTemplate.All.Where(template => template is { Kind: PartKind.Adapter, PriceEuros: not null })
            .SelectMany(template => Uses(TemplatePart.MakePart(template, template.Id, template.Name), template.Gloss,
                new PriceSpan(template.PriceEuros![0], template.PriceEuros[1], template.PriceEuros[2]), isOwned: false))];

    /// <summary>Every use of the adapters that lie in a graft and serve no joint yet.</summary>
    public static IEnumerable<Adapter> In(Graft graft)
    {
        var busy = graft.Joints.SelectMany(joint => new[] { joint.From.Part, joint.To.Part }).ToHashSet();
        return graft.Parts.Where(part => part.Kind == PartKind.Adapter && !busy.Contains(part.Id))
            .SelectMany(part => Uses(part, part.Note ?? "", PriceSpan.Free, isOwned: true));
    }

    /// <summary>Which positions of the outer face are joined with a position of the inner one: those that its wires lead to; of one whose wires nobody
    /// described, those that carry the same.</summary>
    internal IEnumerable<int> Through(int inner)
    {
        var pin = Inner.PinAt(inner);
        if (pin.Contact != ContactState.Wired) return [];
        if (!Part.Links.IsEmpty) return Led(new InnerEnd(Inner.Id, inner));
        return !pin.Signal.Value.IsMeaningful ? []
            : Outer.Pins.Where(other => other.Contact == ContactState.Wired && other.Signal.Value == pin.Signal.Value).Select(other => other.Position);
    }

    private IEnumerable<int> Led(InnerEnd from)
    {
        var nets = new LeadNets<InnerEnd>();
        foreach (var link in Part.Links.Where(link => link.Kind == LinkKind.Wire)) nets.Join(link.One, link.Other);
        return Enumerable.Range(1, Outer.PositionCount).Where(position => nets.Joins(from, new InnerEnd(Outer.Id, position)));
    }

    private static IEnumerable<Adapter> Uses(Part part, string gloss, PriceSpan price, bool isOwned)
        => from inner in part.Ports
           from outer in part.Ports
           where inner != outer && inner.Gender != outer.Gender
           select new Adapter(part, gloss, inner, outer, price, isOwned);
}
