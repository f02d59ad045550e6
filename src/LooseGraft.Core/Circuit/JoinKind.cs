namespace LooseGraft.Core.Circuit;

/// <summary>What joins two contacts.</summary>
public enum JoinKind
{
    /// <summary>They meet face to face, or by a wire of a joint.</summary>
    Joint,

    /// <summary>A tie in a joint.</summary>
    Tie,

    /// <summary>A conductor inside a part, as described.</summary>
    Inside,

    /// <summary>A conductor inside a part that nobody described: contacts of one label are taken to be joined.</summary>
    ByLabel,

    /// <summary>The plane that a part ties a supply or its ground to.</summary>
    Plane,

    /// <summary>A switch contact that only makes: joined while it is closed.</summary>
    Switch,

    /// <summary>A contact of a changeover, a break contact, or a relay: one position closes it and another opens it.</summary>
    Throw,
}
