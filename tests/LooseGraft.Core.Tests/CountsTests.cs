namespace LooseGraft.Core.Tests;

public class CountsTests
{
    [Theory]
    [InlineData(0, "0 mounts")]
    [InlineData(1, "1 mount")]
    [InlineData(2, "2 mounts")]
    public void A_count_has_its_noun_in_the_right_number(int count, string words) => Assert.Equal(words, count.Counted("mount"));
}
