using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Edits;

/// <summary>Says whether a contact did what it should when it was tried.</summary>
public sealed record NoteTrial(PortId Port, int Position, bool Worked) : GraftEdit
{
    private string Note => Worked ? "it does what it should, by trial" : "a trial did not show it";

    public override RecordKind? Happened => RecordKind.Trial;

    public override Graft Apply(Graft graft)
        => graft.WithPin(Port, Position,
        pin => pin with { Signal = pin.Signal with { Evidence = Worked ? Evidence.Measured : Evidence.Assumed, Note = Note } });

    public override string Words(Graft graft) => $"{graft.NameOf(Port)}, position {Position}: {Note}";

    public override string Standing(Graft graft)
        => graft.FindPort(Port)?.PinAt(Position) is { } pin ? $"{pin.Signal.Value}, {pin.Signal.Evidence.Words()}" : "this port is not there any more";
}
