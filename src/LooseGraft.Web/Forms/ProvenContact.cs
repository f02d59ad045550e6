using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;

namespace LooseGraft.Web.Forms;

/// <summary>The contact that is being proven.</summary>
/// <param name="Part">The part it is on.</param>
/// <param name="Port">Its port.</param>
/// <param name="Position">Its position.</param>
public sealed record ProvenContact(Part Part, Port Port, int Position)
{
    public PortId Id => new(Part.Id, Port.Id);

    public Pin Pin => Port.PinAt(Position);

    public ImmutableArray<ProbeTest> Tests => ProbeTests.For(Port, Part.Kind, Position);

    /// <summary>The contact of a subject such as <c>/parts/kt31/ports/panel/pins/7</c>; of a port alone, its first; null when the graft has none such.</summary>
    public static ProvenContact? Find(Graft graft, string? subject)
    {
        if (subject is null) return null;
        var (id, position) = new SubjectPath(subject).Steps switch
        {
            ["parts", var part, "ports", var port, "pins", var pin] when int.TryParse(pin, NumberStyles.None, CultureInfo.InvariantCulture, out var at) => (new PortId(part, port), at),
            ["parts", var part, "ports", var port] => (new PortId(part, port), 1),
            _ => (default, 0),
        };
        return position > 0 && graft.FindPort(id) is { } found && position <= found.PositionCount ? new ProvenContact(graft.FindPart(id.Part)!, found, position) : null;
    }
}
