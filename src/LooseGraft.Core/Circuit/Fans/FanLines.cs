using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit.Fans;

/// <summary>Finds by which lines fans hang on boards: what is joined decides, not how plugs are called.</summary>
/// <remarks>Through joints, leads, adapters and switches, closed or not, but not through the planes of parts: all headers of a board share those.</remarks>
public sealed class FanLines
{
    private const string Tacho = "fan-tacho";
    private const string Control = "fan-control";

    private readonly NetState _nets;
    private readonly HashSet<string> _supplies;

    private FanLines(Graft graft, Netlist netlist)
    {
        _supplies = [.. graft.Supplies.Select(supply => supply.Part)];
        _nets = new NetState(netlist, join => join.Kind != JoinKind.Plane);
        var ports = netlist.Contacts.ToLookup(contact => contact.Id.Port);
        Headers = [.. from port in ports
                      let first = port.First()
                      where first.Part.Kind == PartKind.Board && IsForFans(first.Port, port)
                      let fans = Others(port.Where(Is(SignalFamily.Supply))).Select(other => other.Part)
                          .Where(part => part.Kind == PartKind.Fan).DistinctBy(part => part.Id).ToImmutableArray()
                      where !fans.IsEmpty
                      select FanHeader.Of(graft, first, fans)];
        Lines = [.. from fan in graft.Parts
                    where fan.Kind == PartKind.Fan
                    select LineOf(fan, netlist.ContactsOf(fan.Id).ToArray(), ports)];
    }

    /// <summary>The headers of boards that feed fans, in the order of the graft.</summary>
    public ImmutableArray<FanHeader> Headers { get; }

    /// <summary>Every fan of the graft, in the order of its parts.</summary>
    public ImmutableArray<FanLine> Lines { get; }

    /// <summary>The lines of the fans of a graft.</summary>
    /// <param name="graft">The graft in use.</param>
    /// <param name="netlist">Its circuit.</param>
    public static FanLines Of(Graft graft, Netlist netlist) => new(graft, netlist);

    /// <summary>The lines of one fan; null for what is no fan of the graft.</summary>
    public FanLine? Find(string fan) => Lines.FirstOrDefault(line => line.Fan == fan);

    private IEnumerable<string> FansOn(CircuitContact header, string signal)
        => Others([header]).Where(other => other.Part.Kind == PartKind.Fan && Is(signal)(other)).Select(other => other.Part.Id).Distinct();

    private FanLine LineOf(Part fan, CircuitContact[] own, ILookup<PortId, CircuitContact> ports)
    {
        var header = Headers.FirstOrDefault(each => each.Fans.Any(part => part.Id == fan.Id));
        var feeds = Feeding(own, SignalFamily.Supply);
        var (control, heard) = (Reached(own, Control), Reached(own, Tacho));
        // A header with a control contact gives all of its volts always; one without slows what it feeds by its volts, if it hears fans at all.
        var byVolts = control is null && header is not null && !ports[header.Id].Any(Is(Control));
        return new FanLine(fan.Id)
        {
            Header = header,
            FedBy = feeds,
            Across = feeds?.Signal.SupplyVoltage is { } volts
                ? new Volts(Math.Abs(volts.Value - (Feeding(own, SignalFamily.Ground)?.Signal.SupplyVoltage?.Value ?? 0))) : null,
            SlowedBy = byVolts ? header!.Id : control?.Id.Port,
            IsByVolts = byVolts,
            HeardBy = heard?.Id.Port,
            HeardWith = heard is null ? [] : [.. FansOn(heard, Tacho).Where(other => other != fan.Id)],
        };
    }

    // What a supply gives, or a board gives on, at those of a fan's own contacts; a supply's word before a board's.
    private CircuitContact? Feeding(IEnumerable<CircuitContact> own, SignalFamily at)
        => Others(own.Where(Is(at))).Where(Is(SignalFamily.Supply))
            .Where(other => _supplies.Contains(other.Part.Id) || other.Part.Kind == PartKind.Board)
            .OrderByDescending(other => _supplies.Contains(other.Part.Id)).FirstOrDefault();

    // The contact of that name of a board that one of a fan's own of that name reaches.
    private CircuitContact? Reached(IEnumerable<CircuitContact> own, string signal)
        => Others(own.Where(Is(signal))).FirstOrDefault(other => other.Part.Kind == PartKind.Board && Is(signal)(other));

    // Of thousands of contacts on one net that net is gone through once.
    private IEnumerable<CircuitContact> Others(IEnumerable<CircuitContact> contacts)
        => contacts.Select(contact => (Net: _nets.Of(contact), contact.Id.Port)).Distinct()
            .SelectMany(from => from.Net?.Contacts.Where(other => other.Id.Port != from.Port && !other.Terminal.IsLabel) ?? []);

    private static bool IsForFans(Port port, IEnumerable<CircuitContact> contacts)
        => contacts.Any(Is(SignalFamily.Fan)) || port.Type.Pinout.Contains(Tacho);

    private static Func<CircuitContact, bool> Is(SignalFamily family) => contact => contact.Terminal.Conducts && contact.Signal.Family == family;

    private static Func<CircuitContact, bool> Is(string signal) => contact => contact.Terminal.Conducts && contact.Signal.Name == signal;
}
