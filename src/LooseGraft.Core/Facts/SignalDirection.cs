namespace LooseGraft.Core.Facts;

/// <summary>Who drives a contact, seen from the part it belongs to.</summary>
public enum SignalDirection
{
    /// <summary>Not said; the usual direction of the signal for this kind of part applies.</summary>
    Unstated,

    /// <summary>The part listens, or takes power.</summary>
    In,

    /// <summary>The part drives, or gives power.</summary>
    Out,

    /// <summary>Either, in turn.</summary>
    Both,

    /// <summary>Neither: a switch leg, a lamp, a bare conductor.</summary>
    Passive,
}
