using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>One project: a donor going into a shell. Immutable; an edit is a new graft.</summary>
/// <param name="Name">What the builder calls it.</param>
/// <param name="Donor">The machine the board comes from; the first, where parts come out of several.</param>
/// <param name="Shell">What receives it.</param>
public sealed record Graft(string Name, Machine Donor, Machine Shell)
{
    /// <summary>The currency of every amount in it, a three-letter ISO 4217 code.</summary>
    public string Currency { get; init; } = "EUR";

    /// <summary>What may be spent; null when the builder set none.</summary>
    public Money? Budget { get; init; }

    /// <summary>What it shall be good for.</summary>
    public string? Aim { get; init; }

    /// <summary>The day work began.</summary>
    public DateOnly? StartedOn { get; init; }

    /// <summary>Further machines that parts of it came out of; empty for most.</summary>
    public ValueList<GraftDonor> OtherDonors { get; init; } = [];

    /// <summary>Every physical thing in it.</summary>
    public ValueList<Part> Parts { get; init; } = [];

    /// <summary>Every decision on how ports meet.</summary>
    public ValueList<Joint> Joints { get; init; } = [];

    /// <summary>What feeds it.</summary>
    public ValueList<Supply> Supplies { get; init; } = [];

    /// <summary>What is fed.</summary>
    public ValueList<Load> Loads { get; init; } = [];

    /// <summary>What the builder says the old case did, that of the first donor.</summary>
    public ValueList<CaseAnswer> OldCase { get; init; } = [];

    /// <summary>What was measured, in the order it was written down.</summary>
    public ValueList<Reading> Readings { get; init; } = [];

    /// <summary>What was seen when the bare board was started, in the order it was written down.</summary>
    public ValueList<Observation> Observations { get; init; } = [];

    /// <summary>Photographs.</summary>
    public ValueList<Photo> Photos { get; init; } = [];

    /// <summary>The practice board whose hidden truth the simulated meter reads; null for a real one.</summary>
    public string? Practice { get; init; }

    /// <summary>The total that the maker of the graphics card recommends; null when there is no card or nobody looked.</summary>
    public Known<Watts>? CardTotal { get; init; }

    /// <summary>The share that the builder keeps above the summed peak: 20 to 30 % is usual (common practice).</summary>
    public double Headroom { get; init; } = 0.25;

    /// <summary>Which school the builder trusts; null for the default, measured where it was measured, otherwise summed.</summary>
    public FeedSchool? TrustedSchool { get; init; }

    /// <summary>Volts of the mains it hangs on, 115 or 230; null when nobody said.</summary>
    public int? MainsVolts { get; init; }

    /// <summary>What was read at the wall.</summary>
    public ValueList<WallReading> WallReadings { get; init; } = [];

    /// <summary>Where everything goes in the shell.</summary>
    public Seating Seating { get; init; } = Seating.Empty;

    /// <summary>What its air has to be told.</summary>
    public Cooling Cooling { get; init; } = Cooling.Empty;

    /// <summary>What buying has to be told.</summary>
    public Buying Buying { get; init; } = Buying.Empty;

    /// <summary>What happened at the bench, oldest first. A file carries it; the store keeps it beside the graft, out of reach of undo, and leaves this
    /// empty.</summary>
    public ValueList<BenchRecord> Records { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>A graft with nothing in it yet.</summary>
    public static Graft Empty(string name) => new(name, new Machine("a donor to be found"), new Machine("a shell to be found"));

    /// <summary>The part of that id; null when there is none.</summary>
    public Part? FindPart(string id) => Parts.FirstOrDefault(part => part.Id == id);

    /// <summary>What a load takes from a rail by a socket of its own, or by none in particular; null when it takes nothing, or is not there.</summary>
    public Draw? FindDraw(string load, string rail, string? socket)
        => Loads.FirstOrDefault(each => each.Id == load)?.Draws.FirstOrDefault(draw => draw.Rail == rail && draw.Socket == socket);

    /// <summary>What a part is called; its id when it is not there.</summary>
    public string NameOf(string part) => FindPart(part)?.Name ?? part;

    /// <summary>What a port is called; its id when it is not there.</summary>
    public string NameOf(PortId port) => FindPort(port)?.Name ?? port.Port;

    /// <summary>What the part is called that a supply is; the supply's id when it is not there.</summary>
    public string NameOfSupply(string supply) => NameOf(Supplies.FirstOrDefault(each => each.Id == supply)?.Part ?? supply);

    /// <summary>What a plug of a supply is called, and of what: the port that it is, otherwise its own name and its string's.</summary>
    public string NameOfPlug(Supply supply, SupplyLead lead, SupplyPlug plug)
        => plug.Port is { } port ? $"{NameOf(new PortId(supply.Part, port))} of {NameOf(supply.Part)}" : $"{plug.Id} of {lead.Name}";

    /// <summary>The same of a plug that is written string/plug.</summary>
    public string NameOfPlug(Supply supply, string plug) => supply.FindPlug(plug) is var (lead, at) ? NameOfPlug(supply, lead, lead.Plugs[at]) : plug;

    /// <summary>The port of that id; null when there is none.</summary>
    public Port? FindPort(PortId id) => FindPart(id.Part)?.Ports.FirstOrDefault(port => port.Id == id.Port);
}
