using LooseGraft.Core.Circuit.Fans;
using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Words;

/// <summary>A fan as a part: what feeds it, slows it and hears it, in words.</summary>
/// <param name="Graft">The graft.</param>
/// <param name="Part">The fan.</param>
/// <param name="Line">By which lines it hangs on boards.</param>
/// <param name="Flow">What feeds it; null for nothing that is known.</param>
/// <param name="Place">What it blows through; null where nobody said.</param>
public sealed record FanRow(Graft Graft, Part Part, FanLine Line, FeedFlow? Flow, FanPlace? Place)
{
    /// <summary>The fan as it is computed, and how loud it is by itself, in dB(A); null for one that moves nothing.</summary>
    public (CoolFan Fan, double Speed, double? Decibels)? Turning { get; init; }

    /// <summary>Whether it is a fan of its own, and not that of a supply or card.</summary>
    public bool IsOwn => Part.Kind == PartKind.Fan;

    /// <summary>What it is called.</summary>
    public string Name => IsOwn ? Part.Name : $"Fan of {Part.Name}";

    /// <summary>Whether it belongs to the graft and has no work in it yet.</summary>
    public bool IsSpare => Flow is null && Line.FedBy is null && Place is null;

    /// <summary>From hole to hole of its frame, in millimetres; null where that is not known.</summary>
    public double? HolesMm => Turning?.Fan.Class is { HolesMm: var holes, SizeMm: var usual } && Turning.Value.Fan.SizeMm == usual ? holes : null;

    /// <summary>Which way it blows through what.</summary>
    public string BlowsWords => Place switch
    {
        null => IsSpare ? "nowhere: it is spare" : "nobody said through what",
        { Way: { } way, Blows: var blows } => $"{Graft.Towards(way, blows)} through {Graft.NameOfWay(way)}",
        _ => "through nothing: it stirs",
    };

    /// <summary>What feeds it.</summary>
    public string FedBy => this switch
    {
        { Line.Header: { } header } => NameOf(header.Id) + Beside(header),
        { Line.FedBy: { } contact } => $"{contact.Part.Name}, {contact.Signal.Name}",
        { Flow: { } flow } => $"{Graft.NameOf(flow.Supply.Part)}, {flow.Rail.Name}",
        { Place: not null } => $"nothing that is joined: it is reckoned as on {new Volts(Turning?.Fan.Volts ?? FanClass.FullVolts)}",
        _ => "nothing that is joined",
    };

    /// <summary>What its header gives in the second in which everything on it starts.</summary>
    public string AtStart => Line.Header switch
    {
        null => "–",
        { Starting.Value: 0 } => "nobody said what it takes",
        { } header => $"up to {header.Starting} of {header.Limit}{(header.OwnLimit is null ? ", which is usual" : "")}",
    };

    /// <summary>What slows it.</summary>
    public string SlowedBy => this switch
    {
        { Turning.Fan.Board: { } board, Line.SlowedBy: null } => $"{Graft.NameOf(board)}, as somebody said",
        { IsOwn: false, Place.Run: null, Line.SlowedBy: null } => "nothing that is known: many slow themselves by their own warmth",
        { Place.Run: FanRun.Full } or { Line.SlowedBy: null } => "nothing",
        { Line: { SlowedBy: { } slows, IsByVolts: var byVolts } } => $"{Or(slows)}, by its {(byVolts ? "volts, if it can" : "control line")}",
    };

    /// <summary>What hears it turn.</summary>
    public string HeardBy => this switch
    {
        { Line.HeardBy: null } => "no board",
        { Line: { HeardBy: { } hears, HeardWith: [] } } => Or(hears),
        { Line: { HeardBy: { } hears, HeardWith: var others } }
            => $"{Or(hears)}, together with {string.Join(", ", others.Select(Graft.NameOf))}: so many pulses fit neither, take one tacho wire off",
    };

    /// <summary>All of that in a sentence.</summary>
    public string Words => $"Fed by {FedBy}{(Line.Header is null ? "" : $" (at the start {AtStart})")}; slowed by {SlowedBy}; heard by {HeardBy}.";

    /// <summary>Every fan of a graft.</summary>
    public static IEnumerable<FanRow> Of(Graft graft, FeedFlows flows, CoolScene scene, CoolState state)
        => from part in graft.Parts
           let place = graft.Cooling.Fans.FirstOrDefault(fan => fan.Part == part.Id)
           let line = flows.FanLines.Find(part.Id)
           where line is not null || place is not null
           let at = scene.Fans.Index().Where(each => each.Item.Part == part.Id).Select(each => (int?)each.Index).FirstOrDefault()
           select new FanRow(graft, part, line ?? new FanLine(part.Id), flows.All.FirstOrDefault(flow => flow.Consumer == part.Id), place)
           {
               Turning = at is { } index ? (scene.Fans[index], state.Speeds[index], Noise.Of(scene, state, index)) : null,
           };

    private string NameOf(PortId port) => $"{Graft.FindPort(port)?.Name ?? port.Port} of {Graft.NameOf(port.Part)}";

    private string Or(PortId port) => port == Line.Header?.Id ? "the same header" : NameOf(port);

    private string Beside(FanHeader header)
    {
        var others = header.Fans.Where(fan => fan.Id != Part.Id).Select(fan => fan.Name).ToArray();
        return others.Length == 0 ? "" : $", with {string.Join(", ", others)}";
    }
}
