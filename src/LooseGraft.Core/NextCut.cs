using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core;

/// <summary>The single most useful thing to do now.</summary>
/// <param name="Do">What to do.</param>
/// <param name="Because">Why this before anything else.</param>
/// <param name="Subject">What it is about.</param>
/// <param name="Stage">Where it is done.</param>
public sealed record NextCut(string Do, string Because, Subject Subject, Stage Stage);
