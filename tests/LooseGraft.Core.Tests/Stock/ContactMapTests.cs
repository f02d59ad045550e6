using CsCheck;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Stock.Edits;

namespace LooseGraft.Core.Tests.Stock;

public sealed class ContactMapTests
{
    private static readonly Port From = Bench.Plug("+12 V,ground,?") with { Id = "plug" };
    private static readonly Port To = Bench.Header("?,?,?,?") with { Id = "socket", Name = "socket" };

    [Theory]
    [InlineData("4 3 1")]
    [InlineData("4\n3\n1")]
    [InlineData("1 4\n2 3\n3 1")]
    [InlineData("from\tto\n1\t4\n2\t3\n3\t1")]
    [InlineData("1 = 4\n2→3\n3 -> 1")]
    [InlineData("1;4\r\n2;3\r\n\r\n3;1\r\n")]
    public void Tables_and_orders_say_the_same(string text)
        => Assert.Equal([(1, 4), (2, 3), (3, 1)], Read(text).Wires.Select(wire => (wire.One.Position, wire.Other.Position)));

    [Fact]
    public void What_leads_nowhere_is_no_wire()
        => Assert.Equal([(1, 2), (3, 1)], Read("2 – 1").Wires.Select(wire => (wire.One.Position, wire.Other.Position)));

    [Fact]
    public void One_line_with_a_sign_is_one_wire()
        => Assert.Equal([(3, 4)], Read("3 → 4").Wires.Select(wire => (wire.One.Position, wire.Other.Position)));

    [Theory]
    [InlineData("1 2 3 4", "4 contacts in a row, but plug has 3.")]
    [InlineData("1 2\n4 1", "Line 2: “4” is no position of plug, which has 3.")]
    [InlineData("1 2\n2 5", "Line 2: “5” is no position of socket, which has 4.")]
    [InlineData("0 1 2", "Line 1: “0” is no position of socket, which has 4.")]
    [InlineData("1 1e309", "Line 1: “1e309” is no position of socket, which has 4.")]
    [InlineData("1 2\n3", "Line 2: two positions are wanted, from and to; here are 1.")]
    [InlineData("", "There is no wire in it. Type lines of two positions, from and to, or the contacts in order.")]
    [InlineData("from to", "There is no wire in it. Type lines of two positions, from and to, or the contacts in order.")]
    public void What_will_not_do_is_told_by_its_line(string text, string error)
    {
        var read = Read(text);
        Assert.Contains(error, read.Errors);
        Assert.Empty(read.Wires);
    }

    [Fact]
    public void What_is_named_at_one_end_is_named_at_the_other_by_its_wire()
    {
        var part = new Part("lead", "lead", PartKind.Lead) { Ports = [From, To] };
        var edited = new AddLinks("lead", [.. Read("4 3 1").Wires]).Apply(Graft.Empty("test") with { Parts = [part] }).Parts[0];
        Assert.Equal(["?", "?", "ground", "+12 V"], edited.Ports[1].AllPins().Select(pin => pin.Signal.Value == Signal.Unknown ? "?" : pin.Signal.Value.Name));
        Assert.Empty(new ClearLinks("lead").Apply(Graft.Empty("test") with { Parts = [edited] }).Parts[0].Links);
    }

    [Fact]
    public void Any_order_of_contacts_is_read_as_it_is_written()
        => Gen.Int[0, 4].Array[0, 3].Hold(order =>
        {
            var read = Read(string.Join(' ', order.Select(position => position == 0 ? "-" : $"{position}")));
            var expected = order.Index().Where(each => each.Item > 0).Select(each => (each.Index + 1, each.Item)).ToArray();
            Assert.Equal(expected, read.Wires.Select(wire => (wire.One.Position, wire.Other.Position)));
        });

    private static ContactMap Read(string text) => ContactMap.Read(text, From, To);
}
