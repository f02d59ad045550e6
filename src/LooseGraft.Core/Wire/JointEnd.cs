using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;

namespace LooseGraft.Core.Wire;

/// <summary>One side of a joint: a port, the part it is on, and its contacts as the rules see them.</summary>
public sealed class JointEnd
{
    private readonly Lazy<IReadOnlyList<Signal>> _plausible;

    /// <summary>The side of a joint that is <paramref name="port"/> of <paramref name="part"/>, a part by itself.</summary>
    public JointEnd(Part part, Port port)
        : this(part, port, new RoleTable(Graft.Empty("") with { Parts = [part] }))
    {
    }

    /// <summary>The side of a joint that is <paramref name="port"/> of <paramref name="part"/>, in a graft.</summary>
    public JointEnd(Part part, Port port, RoleTable roles)
    {
        (Part, Port) = (part, port);
        var known = roles.Of(part, port);
        Terminals = [.. port.MatingPins().Select((pin, index) => new Terminal(pin, part.Kind, known[index]))];
        _plausible = new Lazy<IReadOnlyList<Signal>>(() => PlausibleSignals.On(port, part.Kind));
    }

    /// <summary>The part.</summary>
    public Part Part { get; }

    /// <summary>The port.</summary>
    public Port Port { get; }

    /// <summary>Its name for others.</summary>
    public PortId Id => new(Part.Id, Port.Id);

    /// <summary>Its contacts, position 1 first.</summary>
    public ImmutableArray<Terminal> Terminals { get; }

    /// <summary>The contact at a position, counted from 1.</summary>
    public Terminal At(int position) => Terminals[position - 1];

    /// <summary>Judges one contact of this end against one of another, and what else might happen should either be wrongly known.</summary>
    public JointContact Meet(int from, JointEnd other, int to)
    {
        var (here, there) = (At(from), other.At(to));
        var judgement = ContactRules.Judge(here, there);
        var otherwise = judgement.IsStop ? null : WorstIfWrong(here, there, _plausible) ?? WorstIfWrong(there, here, other._plausible);
        return new JointContact(from, to, judgement, otherwise);
    }

    /// <summary>What else might happen to one of several contacts it is joined to, should one of this end be wrongly known; null when it is proven, or nothing
    /// would.</summary>
    internal ContactJudgement? WorstIfWrong(int position, IEnumerable<Terminal> against)
        => against.Select(other => WorstIfWrong(At(position), other, _plausible)).FirstOrDefault(judgement => judgement is not null);

    private static ContactJudgement? WorstIfWrong(Terminal suspect, Terminal against, Lazy<IReadOnlyList<Signal>> plausible)
        => suspect.Pin.Contact == ContactState.Unwired
            ? ContactRules.IfWired(suspect, against)
            : !suspect.Pin.IsUnproven || suspect.Pin.Contact != ContactState.Wired || against.Pin.Contact != ContactState.Wired
            ? null
            : plausible.Value.Select(signal => ContactRules.Judge(suspect.Carrying(signal), against)).FirstOrDefault(judgement => judgement.IsStop);
}
