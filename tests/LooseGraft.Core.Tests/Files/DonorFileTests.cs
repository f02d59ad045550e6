using System.Text;
using LooseGraft.Core.Files;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Files;

public sealed class DonorFileTests
{
    private static readonly KnownDonor Lantern = new(
        "Lantern 7", "B", Board(Header("+5 V,ground")) with { Holes = [new MountHole(5, 5.5, new Millimetres(3.6))] })
    {
        Kind = "lantern",
        OldCase = [new CaseAnswer(CaseDuty.CoolerMount, true) { Note = "two posts" }],
    };

    [Fact]
    public void What_is_written_is_read_as_the_same()
    {
        var bytes = DonorFile.Write(Lantern);
        var read = DonorFile.Read(bytes);
        Assert.Empty(read.Errors);
        Assert.Equal(bytes, DonorFile.Write(read.Donor!));
        Assert.Equal(("Lantern 7", "B", "two posts"), (read.Donor!.Model, read.Donor.Revision, read.Donor.OldCase[0].Note));
    }

    [Fact]
    public void Members_of_a_newer_version_survive_and_are_told()
    {
        var text = Encoding.UTF8.GetString(DonorFile.Write(Lantern))
            .Replace("\"kind\": \"lantern\"", "\"kind\": \"lantern\",\n  \"glow\": [1, 2]", StringComparison.Ordinal);
        var read = DonorFile.Read(Encoding.UTF8.GetBytes(text));
        Assert.Contains("$.glow is not known to this version", read.Notes[0]);
        Assert.Contains("\"glow\"", Encoding.UTF8.GetString(DonorFile.Write(read.Donor!)));
    }

    [Theory]
    [InlineData("{}", "$.format")]
    [InlineData("[]", "$")]
    [InlineData("{\"format\":\"loose-graft\"}", "$.format")]
    [InlineData("{\"format\":\"loose-graft-donor\",\"formatVersion\":4}", "$.formatVersion")]
    [InlineData("not json", "line 1, byte 2")]
    [InlineData("{\"oldCase\":[{\"duty\":\"speaker\",\"did\":true},{\"duty\":\"speaker\",\"did\":false}],\"format\":\"loose-graft-donor\",\"formatVersion\":3,\"model\":\"m\",\"revision\":\"r\",\"board\":{\"id\":\"b\",\"name\":\"b\",\"kind\":\"board\"}}", "$.oldCase[1]")]
    public void What_is_no_donor_is_refused_with_its_place(string text, string path)
    {
        var read = DonorFile.Read(Encoding.UTF8.GetBytes(text));
        Assert.Null(read.Donor);
        Assert.Contains(read.Errors, error => error.Path == path);
    }

    [Fact]
    public void Another_encoding_and_a_file_beyond_the_limit_are_refused_in_words()
    {
        Assert.Contains("not UTF-8", DonorFile.Read(Encoding.Unicode.GetBytes("{}")).Errors[0].Found);
        Assert.Contains("bytes", DonorFile.Read(new byte[GraftFileLimits.Bytes + 1]).Errors[0].Found);
    }

    [Theory]
    [InlineData("from-3", true, 3)]
    [InlineData("to-12", false, 12)]
    public void An_end_of_a_lead_is_written_as_it_is_read(string text, bool isFrom, int position)
    {
        var end = LeadEnd.Parse(text)!.Value;
        Assert.Equal((isFrom, position, text), (end.IsFrom, end.Position, end.ToString()));
    }

    [Theory]
    [InlineData("from-0")]
    [InlineData("from--1")]
    [InlineData("between-2")]
    [InlineData("to-x")]
    [InlineData("to")]
    [InlineData(null)]
    public void What_is_no_end_of_a_lead_is_not_taken_for_one(string? text) => Assert.Null(LeadEnd.Parse(text));

    [Fact]
    public void The_ends_of_the_first_port_come_before_those_of_the_second()
    {
        var (one, ten, other) = (new LeadEnd(true, 1), new LeadEnd(true, 10), new LeadEnd(false, 1));
        Assert.True(one < ten && ten < other && other > one && one <= ten && other >= ten);
    }

    [Fact]
    public void Taking_out_a_connector_takes_what_names_it_along_and_nothing_else()
    {
        var graft = Joined(Header("ground,+5 V"), Plug("ground,+5 V")) with
        {
            Readings = [new Reading("one", default, new PortId("board", "header"), MeterMode.Beep, "beep"),
                new Reading("two", default, new PortId("shell", "plug"), MeterMode.Beep, "beep")],
            Photos = [new Photo(new string('a', 64), "board", 1, 1) { Port = "header" }, new Photo(new string('b', 64), "board", 1, 1)],
        };
        var without = graft.WithoutPort(new PortId("board", "header"));
        Assert.Equal((0, 0, 1, 1), (without.Parts[0].Ports.Length, without.Joints.Length, without.Readings.Length, without.Photos.Length));
        Assert.Equal("two", without.Readings[0].Id);
    }
}
