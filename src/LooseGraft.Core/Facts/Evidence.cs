namespace LooseGraft.Core.Facts;

/// <summary>Where a fact comes from, weakest first, so that the weakest of several is their minimum.</summary>
public enum Evidence
{
    /// <summary>Nobody said so; it seemed plausible.</summary>
    Assumed,

    /// <summary>A stranger's diagram.</summary>
    Diagram,

    /// <summary>Printed on the part.</summary>
    Label,

    /// <summary>The maker's own document or the public standard.</summary>
    Document,

    /// <summary>Measured by the builder on this very part.</summary>
    Measured,
}
