namespace LooseGraft.Core.Findings;

/// <summary>What a finding found, as figures and ids beside its sentence: one type for each kind of thing a rule finds. A program reads these and never the
/// sentence.</summary>
public abstract record FindingCase : Figures;
