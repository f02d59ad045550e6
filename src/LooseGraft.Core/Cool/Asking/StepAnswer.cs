namespace LooseGraft.Core.Cool.Asking;

/// <summary>What a search along a row of steps found.</summary>
/// <param name="At">The step; null where none holds.</param>
/// <param name="NoMoreFrom">From where on more wins hardly anything; null where it always wins.</param>
/// <param name="TurnsAt">The best step, where more makes it worse again; null where it never does.</param>
internal readonly record struct StepAnswer(int? At, int? NoMoreFrom, int? TurnsAt);
