using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>Every limit that the currents of one supply meet: rails, shared limits, the total, wires of strings, contacts of plugs, ports that feed
/// on.</summary>
internal static class FeedLimits
{
    public static ImmutableArray<FeedLimit> Of(Graft graft, Supply supply, ImmutableArray<FeedFlow> flows)
    {
        var rails = supply.Rails.ToDictionary(rail => rail.Name);
        FeedLimit Limit(FeedLimitKey key, string name, Subject subject, Volts? volts, Known<Watts> limit, IEnumerable<FeedFlow> counted)
            => Make(key, name, subject, volts, limit, [.. counted.Where(flow => rails.ContainsKey(flow.Rail))], rails);

        IEnumerable<FeedLimit> all =
        [
            .. supply.Rails.Select(rail => Limit(FeedLimitKey.OfRail(rail.Name), rail.Name, new RailSubject(supply.Id, rail.Name), rail.Voltage,
                new Known<Watts>(rail.Voltage * rail.Limit.Value, rail.Limit.Evidence, rail.Limit.Note), flows.Where(flow => flow.Rail == rail.Name))),
            .. supply.Combined.Index()
            .Select(shared => Limit(
            FeedLimitKey.OfShared(shared.Index), string.Join(" with ", shared.Item.Rails), new SharedLimitSubject(supply.Id, shared.Index), null,
            shared.Item.Limit,
                flows.Where(flow => shared.Item.Rails.Contains(flow.Rail)))),
            .. supply.Total is { Limit: var total }
                ? [Limit(FeedLimitKey.OfTotal, "in all", new TotalSubject(supply.Id), null, total, flows)]
                : Array.Empty<FeedLimit>(),
            .. Strings(supply, flows, rails, Limit),
            .. Ports(graft, flows, rails, Limit),
        ];
        return [.. all];
    }

    private delegate FeedLimit Maker(FeedLimitKey key, string name, Subject subject, Volts? volts, Known<Watts> limit, IEnumerable<FeedFlow> counted);

    private static IEnumerable<FeedLimit> Strings(Supply supply, ImmutableArray<FeedFlow> flows, Dictionary<string, Rail> rails, Maker make)
    {
        var byString = flows.Where(flow => flow.Plug is not null && rails.ContainsKey(flow.Rail))
            .ToLookup(flow => (flow.Plug![..flow.Plug!.IndexOf('/')], flow.Rail));
        foreach (var lead in supply.Leads)
        {
            var wire = WireGauge.All.Where(gauge => gauge.Awg <= lead.Awg).MaxBy(gauge => gauge.Awg) ?? WireGauge.All[0];
            foreach (var rail in rails.Values)
            {
                var onString = byString[(lead.Id, rail.Name)].ToArray();
                if (onString.Length == 0) continue;
                yield return make(FeedLimitKey.OfWire(lead.Id, rail.Name), $"{rail.Name} along {lead.Name}", new SupplyLeadSubject(supply.Id, lead.Id),
                    rail.Voltage,
                    Limit(rail, wire.Amps * lead.WiresEach, $"{lead.WiresEach} × {lead.Awg} AWG"), onString);
                foreach (var plug in lead.Plugs.Where(plug => plug.Type.ContactAmps is not null))
                {
                    var name = $"{lead.Id}/{plug.Id}";
                    var onPlug = onString.Where(flow => flow.Plug == name).ToArray();
                    var contacts = plug.Type.Pinout.Count(signal => signal == rail.Name);
                    if (onPlug.Length > 0 && contacts > 0)
                        yield return make(FeedLimitKey.OfPlug(name, rail.Name), $"{rail.Name} at {plug.Id} of {lead.Name}",
                            new SupplyLeadSubject(supply.Id, lead.Id),
                            rail.Voltage,
                            Limit(rail, plug.Type.ContactAmps!.Value * contacts, Contacts(contacts, plug.Type.ContactAmps)), onPlug);
                }
            }
        }
    }

    private static IEnumerable<FeedLimit> Ports(Graft graft, ImmutableArray<FeedFlow> flows, Dictionary<string, Rail> rails, Maker make)
    {
        foreach (var fed in flows.Where(flow => flow.Through is not null).GroupBy(flow => (Port: flow.Through!.Value, flow.Rail)))
        {
            if (graft.FindPort(fed.Key.Port) is not { } port || !rails.TryGetValue(fed.Key.Rail, out var rail)) continue;
            var contacts = port.AllPins().Count(pin => pin.Signal.Value.Name == fed.Key.Rail && pin.Contact == ContactState.Wired);
            var amps = port.Type.PortAmps ?? (port.Type.ContactAmps * Math.Max(contacts, 1));
            if (amps is { } bears)
                yield return make(FeedLimitKey.OfPort(fed.Key.Port, fed.Key.Rail), $"{fed.Key.Rail} out of {port.Name}", new PortSubject(fed.Key.Port),
                    rail.Voltage,
                    Limit(rail, bears, port.Type.PortAmps is null ? Contacts(Math.Max(contacts, 1), port.Type.ContactAmps) : "usual for such a header"), fed);
        }
    }

    private static string Contacts(int count, double? amps) => $"{(count == 1 ? "one contact" : $"{count} contacts")} of {amps} A";

    private static Known<Watts> Limit(Rail rail, double amps, string note) => new(rail.Voltage * new Amps(amps), Evidence.Assumed, note);

    private static FeedLimit Make(
        FeedLimitKey key, string name, Subject subject, Volts? volts, Known<Watts> limit, FeedFlow[] counted, Dictionary<string, Rail> rails)
    {
        Spread<Watts> Power(FeedFlow flow, LoadCase loadCase) => flow.At(loadCase).Rising(amps => rails[flow.Rail].Voltage * amps);
        var uses = Enum.GetValues<LoadCase>().Select(loadCase => FeedUse.Of(
            counted.Aggregate(Spread<Watts>.Exactly(Watts.Zero), (sum, flow) => sum + Power(flow, loadCase)),
            loadCase == LoadCase.Spike ? new Watts(limit.Value.Value * FeedUse.SpikeTolerance) : limit.Value));
        var unproven = counted.Where(flow => !flow.Evidence.IsProven()).Aggregate(Watts.Zero, (sum, flow) => sum + Power(flow, LoadCase.Peak).High);
        return new FeedLimit(key, name, subject, volts, limit, [.. uses], counted.Select(flow => flow.Evidence).Append(limit.Evidence).Weakest(), unproven)
        {
            Counted = [.. counted],
        };
    }
}
