using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Edits;

/// <summary>Says what a switch test found: which contacts are a switch's legs.</summary>
/// <param name="Port">The connector.</param>
/// <param name="Legs">The positions of the legs.</param>
/// <param name="Found">What the switch does, in words.</param>
public sealed record KeepSwitch(PortId Port, ValueList<int> Legs, string Found) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => Legs.Aggregate(graft,
        (changed, position)
        => changed.WithPin(Port, position, pin => pin with { Signal = new Known<Signal>(AsSwitch(pin.Signal.Value), Evidence.Measured, Found) }));

    public override string Words(Graft graft) => $"{graft.NameOf(Port)}: {Found}";

    public override string Standing(Graft graft) => $"{(graft.FindPort(Port)?.Pins.Length ?? 0).Counted("contact")} described";

    private static Signal AsSwitch(Signal signal) => signal.Family == SignalFamily.Switch ? signal : Signal.Parse("spare-switch")!;
}
