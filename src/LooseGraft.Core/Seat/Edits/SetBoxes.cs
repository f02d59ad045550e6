using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Says what takes up room; boxes of what is set aside stay beside.</summary>
public sealed record SetBoxes(ValueList<SeatBox> Boxes) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithSeating(
        seating => seating with { Boxes = [.. Boxes, .. graft.Aside(each => each.Boxes, box => box.Id).ExceptBy(Boxes.Select(box => box.Id), box => box.Id)] });

    public override string Words(Graft graft) => $"What takes up room: {ShellWords.Boxes(Boxes.Length)}";

    public override string Standing(Graft graft) => ShellWords.Boxes(graft.Seating.Boxes.Length);
}
