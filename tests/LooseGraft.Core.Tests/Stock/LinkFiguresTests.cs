namespace LooseGraft.Core.Tests.Stock;

public sealed class LinkFiguresTests
{
    [Theory]
    [InlineData("", "")]
    [InlineData("470 ohm 1/4 W", "470 ohm, 0.25 W")]
    [InlineData("4k7", "4.7 kilohm")]
    [InlineData("12 V, 400 ohm with diode", "400 ohm, 12 V, with a diode")]
    [InlineData("6.3 V 0.5 A isolated", "6.3 V, 500 mA, isolated")]
    [InlineData("6.3 V, not isolated", "6.3 V, not isolated")]
    [InlineData("with a diode", "with a diode")]
    [InlineData("12V;30mA", "12 V, 30 mA")]
    [InlineData("2,5 A", "2.5 A")]
    [InlineData("12 V 2 A 90 %", "12 V, 2 A, 90 %")]
    [InlineData("0.3 s", "0.3 s")]
    [InlineData("300ms", "0.3 s")]
    public void What_is_printed_on_an_element_is_read_as_people_type_it(string text, string words) => Assert.Equal(words, LinkFiguresText.TryRead(text)!.Words);

    [Theory]
    [InlineData("12 V 5 V")]
    [InlineData("90 % 80 %")]
    [InlineData("1 s 5 ms")]
    [InlineData("12")]
    [InlineData("12 mm")]
    [InlineData("NaN V")]
    [InlineData("1e309 ohm")]
    [InlineData("many ohms")]
    [InlineData("12 V 400 ohm 12 V 400 ohm 12 V 400 ohm 12 V 400 ohm 12 V 400 ohm 12 V 400 ohm 12 V 400 ohm")]
    public void What_is_no_figure_or_stands_twice_is_refused(string text) => Assert.Null(LinkFiguresText.TryRead(text));

    [Fact]
    public void A_coil_takes_the_contacts_that_it_moves_with_it_and_no_others()
    {
        PartLink Link(LinkKind kind, string name) => new(new InnerEnd("p", 1), new InnerEnd("p", 2), kind) { Name = name };
        ValueList<PartLink> links = [Link(LinkKind.Coil, "K1"), Link(LinkKind.Relay, "K1"), Link(LinkKind.Relay, "K2"), Link(LinkKind.Latching, "K2")];
        Assert.Equal(["K1", "K1", "K2"], links.WithoutOrphans().Select(link => link.Name));
        Assert.Equal(["K2"], links.RemoveAt(0).WithoutOrphans().Select(link => link.Name));
    }

    [Fact]
    public void A_link_says_what_it_is()
        => Assert.Equal("a switch that stays S1 (30 V), closed at rest, overlapping",
            (new PartLink(new InnerEnd("p", 1), new InnerEnd("p", 2), LinkKind.Latching)
            {
                Name = "S1",
                Figures = LinkFiguresText.TryRead("30 V")!,
                IsClosedAtRest = true,
                Overlaps = true,
            }).Words);
}
