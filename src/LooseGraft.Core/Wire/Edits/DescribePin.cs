using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Says all that is known of one contact.</summary>
/// <param name="Port">The port.</param>
/// <param name="Pin">The contact as it is described now.</param>
public sealed record DescribePin(PortId Port, Pin Pin) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.FindPort(Port) is { } port && Pin.Position <= port.PositionCount
            ? graft.WithPin(Port, Pin.Position, pin => Pin with { Unknown = pin.Unknown })
            : graft;

    public override string Words(Graft graft) => Said(graft.NameOf(Port), Pin);

    public override string Standing(Graft graft)
        => graft.FindPort(Port) is { } port ? Said(port.Name, port.PinAt(Pin.Position)) : "this port is not there any more";

    private static string Said(string port, Pin pin) => $"{port}, position {pin.Position}: {pin.Signal.Value}, {pin.Signal.Evidence.Words()}";
}
