namespace LooseGraft.Core.Cool.Mounts;

/// <summary>Whether a cooler is held as it has to be.</summary>
public enum CoolerFit
{
    /// <summary>Nobody said enough.</summary>
    Unknown,

    /// <summary>By a mount that is made for it.</summary>
    Meets,

    /// <summary>It needs a back plate or bracket: what it was screwed to stays behind with the old case.</summary>
    NeedsPlate,

    /// <summary>Its holes are elsewhere, or nothing holds it.</summary>
    DoesNotMeet,

    /// <summary>By what does not press, or does not last.</summary>
    Improvised,
}
