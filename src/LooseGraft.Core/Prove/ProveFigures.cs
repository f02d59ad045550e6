using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Prove;

/// <summary>A reading contradicts what is said.</summary>
/// <param name="Reading">Its id.</param>
/// <param name="Said">What is said of the contact; null when the reading is of the port as a whole.</param>
/// <param name="Read">What was read, as it was typed.</param>
/// <param name="Suggests">What the reading would have it be; null when it does not tell.</param>
public sealed record ReadingContradicts(string Reading, Signal? Said, string Read, Signal? Suggests) : FindingCase;

/// <summary>Two readings of the same thing disagree.</summary>
/// <param name="First">The id of the earlier.</param>
/// <param name="FirstRead">What it read.</param>
/// <param name="Last">The id of the later.</param>
/// <param name="LastRead">What it read.</param>
public sealed record ReadingsDisagree(string First, SpokenReading FirstRead, string Last, SpokenReading LastRead) : FindingCase;

/// <summary>Something that cannot be taken back is planned before the donor is proven alive.</summary>
/// <param name="Joint">The id of the joint.</param>
/// <param name="Method">How it is made.</param>
public sealed record IrreversibleBeforeLife(string Joint, JointMethod Method) : FindingCase;

/// <summary>The bare board showed no life when it was last started.</summary>
public sealed record NoSignOfLife : FindingCase;

/// <summary>What Prove comes to.</summary>
/// <param name="Readings">Readings written down.</param>
/// <param name="Contradicted">Facts that the newest reading of them contradicts.</param>
/// <param name="Life">Whether the donor is proven alive; of several, the worst of what is known of each.</param>
public sealed record ProveFigures(int Readings, int Contradicted, LifeVerdict Life) : Figures;
