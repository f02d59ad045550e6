namespace LooseGraft.Web.Hosting;

/// <summary>How something stands that takes its time.</summary>
public enum WeighedState
{
    /// <summary>It is under way.</summary>
    UnderWay,

    /// <summary>It is done.</summary>
    Done,

    /// <summary>Somebody has stopped it.</summary>
    Stopped,

    /// <summary>It failed.</summary>
    Failed,
}
