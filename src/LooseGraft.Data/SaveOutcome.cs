namespace LooseGraft.Data;

/// <summary>What came of a change.</summary>
public enum SaveOutcome
{
    /// <summary>It is kept.</summary>
    Saved,

    /// <summary>Somebody else, or another window, changed the graft in between; nothing was kept.</summary>
    Stale,

    /// <summary>It breaks a rule of the graft file, such as the length of a name; nothing was kept.</summary>
    Refused,

    /// <summary>The graft is not there any more.</summary>
    Gone,
}
