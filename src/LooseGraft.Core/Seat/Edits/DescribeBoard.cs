using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Says what shape a board has, where its holes are, and where its ports sit.</summary>
/// <param name="Part">The board.</param>
/// <param name="Body">Its shape; null while nobody measured.</param>
/// <param name="Holes">Its holes.</param>
/// <param name="Places">Where ports sit, by their ids; the others have no place.</param>
public sealed record DescribeBoard(string Part, PartBody? Body, ValueList<MountHole> Holes, ValueList<(string Port, PortPlace Place)> Places) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with
    {
        Body = Body,
        Holes = Holes,
        Ports = [.. part.Ports.Select(port => port with { Place = Places.Where(pair => pair.Port == port.Id).Select(pair => pair.Place).FirstOrDefault() })],
    });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} described: {Holes.Length.Counted("hole")}, {Places.Length.Counted("port")} placed";

    public override string Standing(Graft graft) => graft.FindPart(Part) is { } part
        ? $"{part.Holes.Length.Counted("hole")}, {(part.Body?.Outline.Length ?? 0).Counted("corner")}, {(part.Ports.Count(port => port.Place is not null)).Counted("port")} placed"
        : "gone";
}
