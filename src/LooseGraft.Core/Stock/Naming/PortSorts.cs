using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Naming;

/// <summary>Tells what a connector is for: by its kind, by what is described of it, or by what it is called.</summary>
public static class PortSorts
{
    private static readonly (string Word, PortSort Sort)[] Words =
    [
        ("fan", PortSort.Fan), ("usb", PortSort.Usb), ("audio", PortSort.Audio), ("sound", PortSort.Audio), ("keyboard", PortSort.Keyboard),
        ("slot", PortSort.Slot), ("panel", PortSort.Panel), ("front", PortSort.Panel), ("button", PortSort.Panel), ("light", PortSort.Panel),
        ("power", PortSort.Power), ("supply", PortSort.Power),
    ];

    /// <summary>What a connector of a part is for.</summary>
    public static PortSort Of(Port port, PartKind kind)
    {
        if (kind == PartKind.Switch) return PortSort.Switch;
        if (port.Type.Housing == Housing.Slot) return PortSort.Slot;
        // The rarest family tells most: a front panel has grounds and a supply too.
        var usual = port.Type.Pinout.Select(Signal.Parse).OfType<Signal>().Select(signal => SortOf(signal)).OfType<PortSort>().ToArray();
        var described = port.Pins.Select(pin => SortOf(pin.Signal.Value)).OfType<PortSort>().ToArray();
        if (usual.Concat(described).Where(sort => sort != PortSort.Power).Select(sort => (PortSort?)sort).FirstOrDefault() is { } told) return told;
        if (kind == PartKind.Fan) return PortSort.Fan;
        var named = Words.Where(pair => port.Name.Contains(pair.Word, StringComparison.OrdinalIgnoreCase))
            .Select(pair => (PortSort?)pair.Sort).FirstOrDefault();
        return named ?? (usual.Length > 0 || described.Length > 0 || port.Type.Housing == Housing.Power ? PortSort.Power : PortSort.Other);
    }

    private static PortSort? SortOf(Signal signal) => signal.Family switch
    {
        SignalFamily.Supply => PortSort.Power,
        SignalFamily.Fan => PortSort.Fan,
        SignalFamily.Switch or SignalFamily.Light => PortSort.Panel,
        SignalFamily.Usb or SignalFamily.Lane => PortSort.Usb,
        SignalFamily.Audio => PortSort.Audio,
        _ => null,
    };
}
