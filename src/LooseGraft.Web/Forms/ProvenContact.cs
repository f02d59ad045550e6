using System.Collections.Immutable;
using LooseGraft.Core.Findings.Subjects;
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

    /// <summary>The contact a subject speaks of; of a port alone, its first; null when it speaks of something else, or the graft has none such.</summary>
    public static ProvenContact? Find(Graft graft, Subject? subject) => subject switch
    {
        PinSubject pin => Find(graft, pin.Port, pin.Position),
        PortSubject port => Find(graft, port.Port, 1),
        _ => null,
    };

    private static ProvenContact? Find(Graft graft, PortId id, int position)
        => position > 0 && graft.FindPort(id) is { } found && position <= found.PositionCount
            ? new ProvenContact(graft.FindPart(id.Part)!, found, position)
            : null;
}
