using System.Text;
using LooseGraft.Data.Tables;
using LooseGraft.Web.Instruments;

namespace LooseGraft.Web.Tests;

public sealed class TableTests
{
    [Theory]
    [InlineData("a,b\n1,2")]
    [InlineData("a;b\n1;2")]
    [InlineData("a\tb\n1\t2")]
    [InlineData("\uFEFFa,b\r\n1,2\r\n")]
    [InlineData("\"a\",\"b\"\n\"1\",\"2\"")]
    [InlineData("\n\n  a , b \n\n 1 , 2 \n\n")]
    public void Whatever_stands_between_cells_the_same_table_is_read(string text)
        => Assert.Equal(["a|b", "1|2"], CsvTable.Read(text.TrimStart('\uFEFF')).Rows.Select(row => string.Join('|', row.Cells)));

    [Fact]
    public void Quoted_cells_hold_what_would_part_them_and_quotes_themselves()
    {
        var table = CsvTable.Read("name;note\n\"a;b\";\"says \"\"c\"\"\"\n\"two\nlines\";x");
        Assert.Equal(["a;b", "says \"c\""], table.Rows[1].Cells);
        Assert.Equal("two\nlines", table.Rows[2].Cells[0]);
    }

    [Fact]
    public void An_inch_mark_inside_a_cell_is_no_quote() => Assert.Equal(["13\" screen", "2"], CsvTable.Read("name,count\n13\" screen,2").Rows[1].Cells);

    [Fact]
    public void Rows_are_told_by_the_line_they_stand_on() => Assert.Equal([1, 4], CsvTable.Read("a\n\n\nb").Rows.Select(row => row.Line));

    [Fact]
    public void Rows_may_be_shorter_than_the_heading() => Assert.Equal([3, 1], CsvTable.Read("a,b,c\n1").Rows.Select(row => row.Cells.Count));

    [Theory]
    [InlineData("\"open\nand on", "a cell does not end")]
    [InlineData("a,\"open", "a cell does not end")]
    [InlineData(" \n \n", "nothing in it")]
    public void What_cannot_be_read_is_said(string text, string words) => Assert.Contains(words, CsvTable.Read(text).Problem);

    [Fact]
    public void Too_wide_too_long_and_too_large_are_refused_with_the_bound()
    {
        Assert.Contains("65 cells; at most 64", CsvTable.Read(string.Join(',', Enumerable.Repeat("x", 65))).Problem);
        Assert.Contains("more than 4000 characters", CsvTable.Read("\"" + new string('x', 5000) + "\"").Problem);
        Assert.Contains("more than 100000 rows", CsvTable.Read(string.Concat(Enumerable.Repeat("x\n", 100_001))).Problem);
    }

    [Fact]
    public void A_spreadsheet_that_saves_in_the_old_code_page_keeps_its_letters()
        => Assert.Equal("Kühler", CsvTable.Read(Encoding.Latin1.GetBytes("Kühler,1")).Rows[0].Cells[0]);

    [Theory]
    [InlineData("192.168.1.40", "192.168.1.40:5025")]
    [InlineData("192.168.1.40:5555", "192.168.1.40:5555")]
    [InlineData(" meter.bench:1 ", "meter.bench:1")]
    [InlineData("::1", "[::1]:5025")]
    [InlineData("[fe80::1]:99", "[fe80::1]:99")]
    [InlineData("", null)]
    [InlineData(":5025", null)]
    [InlineData("meter:", null)]
    [InlineData("meter:-1", null)]
    [InlineData("meter:65536", null)]
    [InlineData("a meter", null)]
    [InlineData("http://meter/", null)]
    [InlineData("meter/x", null)]
    public void An_address_is_a_host_and_perhaps_a_port(string text, string? expected) => Assert.Equal(expected, MeterAddress.Parse(text)?.ToString());
}
