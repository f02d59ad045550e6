using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Edits;

/// <summary>Says what a diode test found: which of two contacts is a light's plus.</summary>
/// <param name="Port">The connector.</param>
/// <param name="Plus">The position of its plus.</param>
/// <param name="Minus">The position of its minus.</param>
/// <param name="Found">What the test says, in words.</param>
public sealed record KeepLight(PortId Port, int Plus, int Minus, string Found) : GraftEdit
{
    private const string UsualFunction = "power-light";

    public override Graft Apply(Graft graft)
    {
        if (graft.FindPort(Port) is not { } port) return graft;
        var function = new[]
        {
            Plus, Minus,
        }.Select(position => port.PinAt(position).Signal.Value).FirstOrDefault(signal => signal.Family == SignalFamily.Light)?.Function ?? UsualFunction;
        Graft With(Graft changed, int position, string end)
            => changed.WithPin(Port, position, pin => pin with { Signal = new Known<Signal>(Signal.Parse(function + end)!, Evidence.Measured, Found) });
        return With(With(graft, Plus, "+"), Minus, "-");
    }

    public override string Words(Graft graft) => $"{graft.NameOf(Port)}: {Found}";

    public override string Standing(Graft graft) => $"{(graft.FindPort(Port)?.Pins.Length ?? 0).Counted("contact")} described";
}
