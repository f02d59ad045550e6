using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Tests;

public sealed class MemoryRestTests : IDisposable
{
    private const long Worth = 64 << 20;
    private const long Quiet = 2 << 20;

    private readonly MemoryRest _rest = new(TimeProvider.System);

    public void Dispose() => _rest.Dispose();

    [Fact]
    public void Rests_once_when_it_is_quiet_after_much_was_asked_for()
    {
        Assert.False(_rest.IsDue(Worth), "it is being asked for things");
        Assert.True(_rest.IsDue(Worth + Quiet));
        Assert.False(_rest.IsDue(Worth + Quiet), "it rested already");
    }

    [Fact]
    public void Does_not_rest_while_it_is_asked_for_things()
    {
        for (var taken = Worth; taken < 10 * Worth; taken += Quiet + 1) Assert.False(_rest.IsDue(taken));
    }

    [Fact]
    public void Does_not_rest_for_little()
    {
        Assert.False(_rest.IsDue(Worth - 1));
        Assert.False(_rest.IsDue(Worth - 1));
        Assert.True(_rest.IsDue(Worth));
    }

    [Fact]
    public void Rests_again_after_as_much_once_more()
    {
        _rest.IsDue(Worth);
        Assert.True(_rest.IsDue(Worth));
        Assert.False(_rest.IsDue(2 * Worth));
        Assert.True(_rest.IsDue(2 * Worth));
    }
}
