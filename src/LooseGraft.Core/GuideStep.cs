using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core;

/// <summary>One step of a guided graft.</summary>
/// <param name="Number">Which, from 1.</param>
/// <param name="Do">What to do.</param>
/// <param name="Because">Why, and where on the page it is done.</param>
/// <param name="Subject">What it is about.</param>
/// <param name="Stage">Where it is done; null when nothing is left to do.</param>
public sealed record GuideStep(int Number, string Do, string Because, Subject Subject, Stage? Stage);
