using CsCheck;

namespace LooseGraft.Core.Tests;

/// <summary>The canaries of properties: one that does not hold is seen, and samples differ from each other but not from run to run.</summary>
public sealed class PropertiesTests
{
    [Fact]
    public void A_property_that_does_not_hold_is_seen_and_made_small()
    {
        var broken = Assert.ThrowsAny<Exception>(() => Gen.Int[0, 1000].Hold(number => Assert.True(number < 700)));
        Assert.Contains("Seed", broken.Message, StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public void Samples_differ_and_come_again()
    {
        static List<int> Run()
        {
            var seen = new List<int>();
            Gen.Int[0, 1_000_000].Hold(seen.Add, iter: 50);
            return seen;
        }

        var samples = Run();
        Assert.InRange(samples.Distinct().Count(), samples.Count * 9 / 10, samples.Count);
        Assert.Equal(samples, Run());
    }
}
