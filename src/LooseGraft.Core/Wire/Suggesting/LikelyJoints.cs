using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Naming;

namespace LooseGraft.Core.Wire.Suggesting;

/// <summary>Finds the ports of a stock that probably belong together and are in no joint yet.</summary>
/// <remarks>Every port gets one partner at most, so that the pairs together are the likeliest (<see cref="Pairing"/>, exact). It is an order to look at things
/// in, and no judgement: shape and purpose are asked for, never whether anything would be harmed.</remarks>
public static class LikelyJoints
{
    /// <summary>The most free ports that are looked at, in the order of the parts.</summary>
    public const int MostPorts = 200;

    // Of one kind and size; of a kind that is made to go there, or bare pins with like contacts; of one purpose only. Each beats any number of signals that
    // agree in the next.
    private const double ForKind = 100;
    private const double ForShape = 50;
    private const double ForPurpose = 1;

    // Of equals, what others hang on: a splitter before one of its fans.
    private const double ForGoBetween = 2;

    /// <summary>The pairs, the board's first.</summary>
    public static ImmutableArray<LikelyJoint> In(Graft graft)
    {
        var joined = graft.Joints.SelectMany(joint => new[] { joint.From, joint.To }).ToHashSet();
        var free = (from part in graft.Parts
                    from port in part.Ports
                    where port.Type.Housing != Housing.Loose && !joined.Contains(new PortId(part.Id, port.Id))
                    select new Candidate(part, port)).OrderBy(each => each.Rank).Take(MostPorts).ToArray();
        var rewards = new double[free.Length, free.Length];
        for (var one = 0; one < free.Length; one++)
        {
            for (var other = 0; other < free.Length; other++)
                if (free[one].IsHeader && !free[other].IsHeader) rewards[one, other] = Reward(free[one], free[other]);
        }

        return [.. Pairing.Best(rewards).Index().Where(pair => pair.Item >= 0)
            .Select(pair => (Ends: new[] { free[pair.Index], free[pair.Item] }.OrderBy(end => end.Rank).ToArray(), Reward: rewards[pair.Index, pair.Item]))
            .OrderBy(pair => pair.Ends[0].Rank)
            .Select(pair => new LikelyJoint(pair.Ends[0].Id, pair.Ends[1].Id) { GoesOn = pair.Reward >= ForShape })];
    }

    private static double Reward(Candidate header, Candidate plug)
    {
        if (header.Part.Id == plug.Part.Id || header.Sort != plug.Sort) return 0;
        var agreeing = header.Signals.Intersect(plug.Signals).Count() / (double)Math.Max(1, header.Signals.Union(plug.Signals).Count());
        if (agreeing > 0 && plug.Part.Kind is (PartKind.Adapter or PartKind.Lead)) agreeing += ForGoBetween;
        if (GoesOn(header.Port, plug.Port))
        {
            if (header.Port.Type == plug.Port.Type && (header.Port.Rows, header.Port.Columns) == (plug.Port.Rows, plug.Port.Columns)) return ForKind + agreeing;
            // A supply's plug that happens to go into a maker's own block belongs to something else.
            if (plug.Port.Type.MayServe(header.Port.Type) || (agreeing > 0 && header.Port.Type.Housing != Housing.Power)) return ForShape + agreeing;
        }

        if (agreeing == 0 || header.Sort == PortSort.Slot) return 0;
        // Nearly every two power plugs share a ground: one has to bring whatever the other asks for.
        return header.Sort == PortSort.Power && !header.Signals.All(plug.Signals.Contains) ? 0 : ForPurpose + agreeing;
    }

    private static bool GoesOn(Port header, Port plug) => PlugFit.Problems(header, plug).Count == 0 && new Mating(header, plug).GoesOn(PlugPlacement.Straight);

    private sealed class Candidate(Part part, Port port)
    {
        public Part Part => part;

        public Port Port => port;

        public PortId Id { get; } = new(part.Id, port.Id);

        public PortSort Sort { get; } = PortSorts.Of(port, part.Kind);

        public bool IsHeader => port.Gender == Gender.Male;

        public HashSet<Signal> Signals { get; } = [.. port.MatingPins().Where(pin => pin.Contact == ContactState.Wired).Select(pin => pin.Signal.Value)
            .Where(signal => signal.IsMeaningful)];

        // What things are brought to comes first.
        public int Rank => part.Kind switch { PartKind.Board => 0, PartKind.Card => 1, PartKind.Drive => 2, PartKind.Adapter => 3, PartKind.Lead => 4, _ => 5 };
    }
}
