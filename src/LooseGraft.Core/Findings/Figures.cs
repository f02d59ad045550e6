namespace LooseGraft.Core.Findings;

/// <summary>Figures for a program to read: each property is one, and its type says its unit.</summary>
public abstract record Figures;
