namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A supply, or something of it.</summary>
/// <param name="Supply">The id of the supply.</param>
public abstract record SupplyPartSubject(string Supply) : Subject;
