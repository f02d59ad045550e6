namespace LooseGraft.Core.Model;

/// <summary>What sort of thing happened at the bench.</summary>
public enum RecordKind
{
    /// <summary>Something was measured.</summary>
    Reading,

    /// <summary>The bare board was started and watched.</summary>
    Observation,

    /// <summary>A contact was tried.</summary>
    Trial,

    /// <summary>A line of a made lead was measured.</summary>
    LeadTest,

    /// <summary>The meter at the wall was read.</summary>
    WallReading,

    /// <summary>Something recorded before was a slip.</summary>
    Correction,

    /// <summary>Something was ordered.</summary>
    Order,

    /// <summary>A parcel came, or none will.</summary>
    Arrival,
}
