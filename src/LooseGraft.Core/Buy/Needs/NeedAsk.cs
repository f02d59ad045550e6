using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>One decision that asks for something.</summary>
/// <param name="Stage">The stage where it was made.</param>
/// <param name="Subject">What it is about.</param>
/// <param name="For">What for, in a builder's words.</param>
/// <param name="Amount">How much of it: pieces, or metres of what is sold by length; less than one of what lasts for several. Above 0.</param>
public sealed record NeedAsk(Stage Stage, Subject Subject, string For, double Amount);
