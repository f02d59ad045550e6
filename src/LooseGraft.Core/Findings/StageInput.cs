using LooseGraft.Core.Model;

namespace LooseGraft.Core.Findings;

/// <summary>What a stage is given to look at.</summary>
/// <param name="Graft">The graft as it is in use, without what is set aside.</param>
/// <param name="Whole">The graft with everything in it.</param>
/// <param name="Earlier">What the stages before it have concluded of it.</param>
/// <param name="Before">The same graft before an edit and all that was concluded of it then, from which what the edit left alone may be taken over; null when
/// there is none.</param>
/// <param name="Work">Where it tells how far it is, and learns that nobody waits any more.</param>
public sealed record StageInput(Graft Graft, Graft Whole, StageReviews Earlier, (Graft Graft, StageReviews Reviews)? Before, ReviewWork Work)
{
    /// <summary>What lies outside the graft.</summary>
    public Surroundings Around { get; init; } = Surroundings.None;
}
