using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Prove;

/// <summary>A fact that rests on a diagram or an assumption.</summary>
/// <param name="Subject">What it is about.</param>
/// <param name="Words">The fact, in the builder's words.</param>
/// <param name="Evidence">Where it comes from.</param>
public sealed record UnprovenFact(Subject Subject, string Words, Evidence Evidence);
