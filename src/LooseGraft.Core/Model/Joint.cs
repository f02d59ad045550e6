using LooseGraft.Core.Quantities;


namespace LooseGraft.Core.Model;

/// <summary>One decision: this port meets that port by some method, or is deliberately left off.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="From">The port that is fixed, usually the board's.</param>
/// <param name="To">The port that is brought to it, usually a lead of the shell.</param>
/// <param name="Method">How they are brought together.</param>
public sealed record Joint(string Id, PortId From, PortId To, JointMethod Method)
{
    /// <summary>Position of the first port on which position 1 of the second comes to lie when pushed on.</summary>
    public int PinOneOn { get; init; } = 1;

    /// <summary>How far the second port is turned against the first when pushed on: 0 or 180 degrees, or a quarter between for a
    /// plug of one row that lies across the rows.</summary>
    public int TurnDegrees { get; init; }

    /// <summary>Who meets whom, for every method but straight and leave-off.</summary>
    public ValueList<Conductor> Wires { get; init; } = [];

    /// <summary>Contacts of one end joined with each other. On the fixed port, where no lead is made, that is a bridge on the board.</summary>
    public ValueList<LeadTie> Ties { get; init; } = [];

    /// <summary>Gauge of its wires, an American wire gauge number; null where nobody looked, or none are made.</summary>
    public int? Awg { get; init; }

    /// <summary>Length of its wires; null when not measured, or none are made.</summary>
    public Millimetres? Length { get; init; }

    /// <summary>What the meter said of the made lead. Another wire table, or another method, makes another lead, which is not tested yet.</summary>
    public ValueList<ContinuityTest<LeadEnd>> Tests { get; init; } = [];

    /// <summary>Why it was decided so.</summary>
    public string? Reason { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
