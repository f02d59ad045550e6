using System.Text;
using LooseGraft.Core.Files;

namespace LooseGraft.Core.Tests.Files;

/// <summary>Files of version 1 are read as what they said then.</summary>
public sealed class FromVersion1Tests
{
    private const string Lead = """
        {"format":"loose-graft","formatVersion":1,"name":"x","donor":{"name":"d"},"shell":{"name":"s"},"parts":[{"id":"lead","name":"Lead","kind":"lead",
        "made":7,"links":[{"one":"a/1","other":"a/2","kind":"latching","ohms":"many","ohms-of-version-1":1}],
        "ports":[{"id":"a","name":"a","connector":"pin-header","gender":"male","columns":2,"pins":[{"position":1,"mostVolts":[]}]}]}],"ohms":3}
        """;

    [Fact]
    public void What_version_1_did_not_know_is_kept_under_another_name_where_version_2_knows_it()
    {
        var result = Read(Lead);
        Assert.Empty(result.Errors);
        var part = result.Graft!.Parts[0];
        Assert.Equal((LinkKind.Latching, LinkFigures.None, null), (part.Links[0].Kind, part.Links[0].Figures, part.Links[0].Name));
        Assert.Equal(["ohms-of-version-1-", "ohms-of-version-1"], Names(part.Links[0].Unknown));
        Assert.Equal(["made-of-version-1"], Names(part.Unknown));
        Assert.Equal(["mostVolts-of-version-1"], Names(part.Ports[0].Pins[0].Unknown));
        Assert.Equal(["ohms"], Names(result.Graft.Unknown));
        Assert.Equal(result.Graft, GraftFile.Read(GraftFile.Write(result.Graft)).Graft);
    }

    [Fact]
    public void A_broken_name_and_a_member_that_stands_twice_are_told_as_in_any_version()
    {
        Assert.Contains(Read(Lead.Replace("\"made\"", "\"\\ud800\"", StringComparison.Ordinal)).Errors,
            error => error.Found.Contains("broken character", StringComparison.Ordinal));
        Assert.Contains(Read(Lead.Replace("\"made\":7", "\"name\":\"y\"", StringComparison.Ordinal)).Errors,
            error => error.Found.Contains("the member twice", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("1", true)]
    [InlineData("2", true)]
    [InlineData("3", false)]
    public void A_document_is_older_by_its_own_version_alone(string version, bool isOlder)
        => Assert.Equal(isOlder, GraftFile.IsOlder(Encoding.UTF8.GetBytes($$"""{"donor":{"formatVersion":1},"formatVersion":{{version}},"x":1}""")));

    [Theory]
    [InlineData("")]
    [InlineData("{\"formatVersion\":")]
    [InlineData("{\"formatVersion\":\"one\"}")]
    [InlineData("[1]")]
    public void What_no_version_can_read_is_not_older(string document) => Assert.False(GraftFile.IsOlder(Encoding.UTF8.GetBytes(document)));

    [Fact]
    public void The_upgraders_know_nothing_of_the_model()
        => Assert.All(Directory.EnumerateFiles(House.Root.Folder("src/LooseGraft.Core/Files/Upgrades")), file =>
        {
            var source = File.ReadAllText(file);
            Assert.DoesNotContain("LooseGraft.Core.Model", source);
            Assert.DoesNotContain("Codec", source);
        });

    private static GraftFileResult Read(string text) => GraftFile.Read(Encoding.UTF8.GetBytes(text));

    private static IEnumerable<string> Names(UnknownMembers unknown) => unknown.Members.Select(member => member.Key);
}
