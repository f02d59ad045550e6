using System.Collections.Immutable;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Prove;

/// <summary>One fact of the prove list.</summary>
/// <param name="Fact">The fact.</param>
/// <param name="Consequences">What would change under its alternatives, heaviest first; empty when nothing would.</param>
/// <param name="Alternatives">How many alternatives were weighed; 0 when the list was too long to weigh this one.</param>
public sealed record ProveEntry(UnprovenFact Fact, ImmutableArray<Consequence> Consequences, int Alternatives)
{
    /// <summary>The heaviest that could come of it; null when nothing would change.</summary>
    public Consequence? Worst => Consequences.IsEmpty ? null : Consequences[0];

    /// <summary>How much it weighs: the heaviest finding that would come. What would only fall away weighs a note.</summary>
    public Severity? Weight => Worst is not { } worst ? null : worst.Comes ? worst.Finding.Severity : Severity.Note;

    /// <summary>Whether it may change something: of what was not weighed nobody knows.</summary>
    public bool IsTelling => Alternatives == 0 || !Consequences.IsEmpty;

    /// <summary>How many of the alternatives change something.</summary>
    public int Telling => Consequences.Length;
}
