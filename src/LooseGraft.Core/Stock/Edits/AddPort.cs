using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Gives a part a connector; one whose shape is its type's carries the usual signals, as far as there are such.</summary>
/// <param name="Part">The part.</param>
/// <param name="Port">The connector; its id is made anew from its name.</param>
public sealed record AddPort(string Part, Port Port) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with
    {
        Ports = part.Ports.Add(Port with
        {
            Id = GraftEdits.FreshId(Port.Name, part.Ports.Select(other => other.Id)),
            Pins = Port.PositionCount == Port.Type.Pinout.Count ? [.. Pin.UsualFor(Port.Type).Select(pin => IsMakersOwn(part) ? Assumed(pin) : pin)] : [],
        }),
    });

    // A public standard says what a standard part carries. What a maker led to the same body is that maker's affair.
    private static bool IsMakersOwn(Part part) => part.Origin == PartOrigin.Donor || (part.Origin is null && part.Kind == PartKind.Board);

    private static Pin Assumed(Pin pin) => pin with { Signal = pin.Signal with { Evidence = Evidence.Assumed } };

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} has a {Port.Type.Name}: {Port.Name}";

    public override string Standing(Graft graft) => (graft.FindPart(Part)?.Ports.Length ?? 0).Counted("connector");
}
