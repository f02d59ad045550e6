using BenchmarkDotNet.Attributes;
using LooseGraft.Core;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;

namespace LooseGraft.Bench;

/// <summary>The prove list of a demo graft, beside the same number of full reviews: it runs only the rules that each fact can reach.</summary>
[MemoryDiagnoser]
public class ProveListAgainstReview
{
    private readonly Graft _graft = GraftFile.Read(File.ReadAllBytes(Path.Combine(AppContext.BaseDirectory, "ferry-radiogram.json"))).Graft!;
    private int _alternatives;

    [GlobalSetup]
    public void Count() => _alternatives = Review.Of(_graft).ProveList.Sum(entry => entry.Alternatives);

    [Benchmark(Baseline = true)]
    public int AFullReviewForEachAlternative() => Enumerable.Range(0, _alternatives).Sum(_ => Review.Of(_graft).Findings.Length);

    [Benchmark]
    public int ProveList() => Review.Of(_graft).ProveList.Length;
}
