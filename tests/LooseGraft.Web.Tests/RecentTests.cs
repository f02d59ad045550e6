using CsCheck;
using LooseGraft.Core.Tests;
using LooseGraft.Data;

namespace LooseGraft.Web.Tests;

public sealed class RecentTests
{
    private const int Most = 4;

    [Fact]
    public void What_was_wanted_last_is_kept_and_what_was_wanted_longest_ago_is_forgotten()
        => Gen.Select(Gen.Int[0, 7], Gen.Bool).Array[1, 60].Hold(steps =>
        {
            var recent = new Recent<int, int>(Most);
            var (wanted, values) = (new List<int>(), new Dictionary<int, int>());
            foreach (var ((key, isKept), value) in steps.Select((step, index) => (step, index)))
            {
                var isThere = recent.TryFind(key, out var found);
                Assert.Equal(wanted.TakeLast(Most).Contains(key), isThere);
                if (isThere) Assert.Equal(values[key], found);
                if (isKept) recent.Keep(key, value);
                if (!isThere && !isKept) continue;
                wanted.Remove(key);
                wanted.Add(key);
                if (isKept) values[key] = value;
            }

            Assert.Equal(wanted.TakeLast(Most).Order(), recent.All.Select(value => values.First(pair => pair.Value == value).Key).Order());
        });

    [Fact]
    public void It_is_made_once()
    {
        var recent = new Recent<string, int>(Most);
        Assert.Equal((1, 1), (recent.FindOrKeep("a", () => 1), recent.FindOrKeep("a", () => 2)));
    }
}
