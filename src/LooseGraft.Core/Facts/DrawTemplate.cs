namespace LooseGraft.Core.Facts;

/// <summary>What a usual part takes from one rail, each as low, likely and high in amperes.</summary>
/// <param name="Rail">The rail.</param>
/// <param name="Idle">On, doing nothing.</param>
/// <param name="Typical">Ordinary use.</param>
/// <param name="Peak">The most it takes for minutes on end.</param>
/// <param name="Start">For the second in which it starts, where that is more.</param>
/// <param name="Spike">For milliseconds now and then, where that is more.</param>
public sealed record DrawTemplate(string Rail, IReadOnlyList<double> Idle, IReadOnlyList<double> Typical, IReadOnlyList<double> Peak,
    IReadOnlyList<double>? Start = null, IReadOnlyList<double>? Spike = null);
