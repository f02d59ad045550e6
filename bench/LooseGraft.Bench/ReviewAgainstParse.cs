using BenchmarkDotNet.Attributes;
using LooseGraft.Core;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;

namespace LooseGraft.Bench;

/// <summary>A full review of a large graft, beside reading the same graft from its file: the review may cost at most five times the reading.</summary>
[MemoryDiagnoser]
public class ReviewAgainstParse
{
    private readonly Graft _graft = GeneratedGraft.Of(parts: 200, joints: 150);
    private byte[] _file = [];

    [GlobalSetup]
    public void Write() => _file = GraftFile.Write(_graft);

    [Benchmark(Baseline = true)]
    public Graft? Parse() => GraftFile.Read(_file).Graft;

    [Benchmark]
    public int FullReview() => Review.Of(_graft).Findings.Length;
}
