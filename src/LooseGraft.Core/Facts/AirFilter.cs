namespace LooseGraft.Core.Facts;

/// <summary>The dust filter in an opening.</summary>
public enum AirFilter
{
    /// <summary>None.</summary>
    None,

    /// <summary>A clean one.</summary>
    Clean,

    /// <summary>One that nobody has cleaned for months.</summary>
    Dirty,
}
