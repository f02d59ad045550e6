namespace LooseGraft.Web.Forms;

/// <summary>One figure of a thing on a plan, as it is shown and typed.</summary>
/// <param name="Label">What it is.</param>
/// <param name="Value">What is known.</param>
/// <param name="Choices">The words it may be; empty where it is typed freely.</param>
/// <param name="IsHidden">Whether it follows from where the thing is.</param>
public sealed record ShellCell(string Label, string Value, IReadOnlyList<string> Choices, bool IsHidden);
