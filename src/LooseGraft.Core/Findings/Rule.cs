namespace LooseGraft.Core.Findings;

/// <summary>One rule of the product. Its physics and source stand in docs/rules.md under its code.</summary>
/// <param name="Code">Stable name, such as <c>WIRE-010</c>; never reused.</param>
/// <param name="Stage">The stage it belongs to.</param>
/// <param name="Severity">How much it usually weighs.</param>
/// <param name="Title">What it finds, in a few words.</param>
public sealed record Rule(string Code, Stage Stage, Severity Severity, string Title);
