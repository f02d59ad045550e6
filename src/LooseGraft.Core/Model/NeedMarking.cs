namespace LooseGraft.Core.Model;

/// <summary>What the builder says of a need.</summary>
public enum NeedMarking
{
    /// <summary>It is there already.</summary>
    There,

    /// <summary>It is left out, with a reason.</summary>
    LeftOut,
}
