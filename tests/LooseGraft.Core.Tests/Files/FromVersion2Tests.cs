using System.Text;
using System.Text.Json;
using LooseGraft.Core.Files;

namespace LooseGraft.Core.Tests.Files;

/// <summary>Files of version 2 are read as what they said then: what hangs where becomes what is meant.</summary>
public sealed class FromVersion2Tests
{
    private const string Fed = """
        {"format":"loose-graft","formatVersion":2,"name":"x","donor":{"name":"d"},"shell":{"name":"s"},"parts":[{"id":"psu","name":"psu","kind":"supply",
        "awg":3,"ports":[{"id":"p1","name":"p1","connector":"drive-power-15","gender":"female","limit":1},
        {"id":"p2","name":"p2","connector":"drive-power-15","gender":"female"},{"id":"x","name":"x","connector":"peripheral-power-4","gender":"female"}]},
        {"id":"board","name":"board","kind":"board"}],"supplies":[{"id":"psu","part":"psu","input":{"supply":"psu","rail":"+12 V","plug":"a/p1"},
        "rails":[{"output":"+12 V","limitAmps":9,"name":7}],"strings":[{"id":"a","name":"a","plugs":[{"id":"p1","connector":"drive-power-15"},
        {"id":"other","connector":"drive-power-15","port":"kept"},{"id":"only","connector":"peripheral-power-4"}]}]}],
        "loads":[{"id":"board","part":"board","supply":"psu","plug":"a/only","through":"psu/p1","meant":"kept","draws":[]}]}
        """;

    public static TheoryData<string> Old
        => [.. Directory.EnumerateFiles(House.Root.Folder("tests/LooseGraft.Core.Tests/Fixtures"), "*.json", SearchOption.AllDirectories).Order()
            .Select(file => Path.GetRelativePath(House.Root.Folder("tests/LooseGraft.Core.Tests/Fixtures"), file))];

    [Fact]
    public void What_hung_where_is_kept_as_what_is_meant_and_plugs_are_tied_to_the_ports_they_must_be()
    {
        var result = Read(Fed);
        Assert.Empty(result.Errors);
        var supply = result.Graft!.Supplies[0];
        Assert.Equal(new MeantInput("psu", "+12 V") { Plug = "a/p1" }, supply.Meant);
        // The second is the one that is left of its kind, the third the only one.
        Assert.Equal(["p1", "p2", "x"], supply.Leads[0].Plugs.Select(plug => plug.Port));
        Assert.Equal(new MeantWay("psu") { Plug = "a/only", Through = new PortId("psu", "p1") }, result.Graft.Loads[0].Meant);
        Assert.Equal(["meant-of-version-2"], Names(result.Graft.Loads[0].Unknown));
        Assert.Equal(["port-of-version-2"], Names(supply.Leads[0].Plugs[1].Unknown));
        Assert.Equal(["name-of-version-2"], Names(supply.Rails[0].Unknown));
        Assert.Equal(["awg-of-version-2"], Names(result.Graft.Parts[0].Unknown));
        Assert.Equal(["limit-of-version-2"], Names(result.Graft.Parts[0].Ports[0].Unknown));
        Assert.Equal(result.Graft, GraftFile.Read(GraftFile.Write(result.Graft)).Graft);
    }

    [Theory]
    [InlineData("\"id\":\"other\"", "\"id\":\"p2\"", "p1", "p2", "x")]
    [InlineData("\"name\":\"x\",\"connector\":\"peripheral-power-4\"", "\"name\":\"x\",\"connector\":\"drive-power-15\"", "p1", null, null)]
    public void A_plug_that_might_be_either_of_two_ports_is_tied_to_neither(string good, string other, params string?[] ports)
        => Assert.Equal(ports, Read(Fed.Replace(good, other, StringComparison.Ordinal)).Graft!.Supplies[0].Leads[0].Plugs.Select(plug => plug.Port));

    [Theory]
    [InlineData("\"id\":\"p2\",\"name\":\"p2\",")]
    [InlineData("\"id\":\"p2\"", "\"id\":2")]
    public void A_port_without_a_name_ties_no_plug_and_is_told(string whole, string broken = "")
        => Assert.Contains(Read(Fed.Replace(whole, broken, StringComparison.Ordinal)).Errors, error => error.Path == "$.parts[0].ports[1].id");

    [Theory]
    [InlineData("\"port\":\"p1\"", "\"port\":\"nowhere\"", "$.supplies[0].strings[0].plugs[0].port")]
    [InlineData("\"port\":\"p1\"", "\"port\":\"x\"", "$.supplies[0].strings[0].plugs[0].port")]
    [InlineData("\"port\":\"p1\"", "\"port\":\"p2\"", "$.supplies[0].strings[0].plugs[0].port")]
    [InlineData("\"plug\":\"a/p1\"", "\"plug\":\"a/none\"", "$.supplies[0].meant.plug")]
    [InlineData("\"supply\":\"psu\",\"rail\"", "\"supply\":\"none\",\"rail\"", "$.supplies[0].meant.supply")]
    [InlineData("\"plug\":\"a/only\"", "\"plug\":\"a/none\"", "$.loads[0].meant.plug")]
    [InlineData("\"through\":\"psu/p1\"", "\"through\":\"psu/none\"", "$.loads[0].meant.through")]
    [InlineData("\"supply\":\"psu\",\"plug\"", "\"supply\":\"none\",\"plug\"", "$.loads[0].meant.supply")]
    public void What_is_meant_and_tied_must_be_there(string good, string bad, string path)
    {
        var today = Encoding.UTF8.GetString(GraftFile.Write(Read(Fed).Graft!));
        Assert.Contains(good, today);
        Assert.Contains(Read(today.Replace(good, bad, StringComparison.Ordinal)).Errors, error => error.Path == path);
    }

    [Theory]
    [MemberData(nameof(Old))]
    public void No_figure_and_no_word_of_an_older_demo_is_lost(string file)
    {
        var bytes = File.ReadAllBytes(Path.Combine(House.Root.Folder("tests/LooseGraft.Core.Tests/Fixtures"), file));
        var result = GraftFile.Read(bytes);
        Assert.Empty(result.Errors);
        var (before, after) = (Values(bytes), Values(GraftFile.Write(result.Graft!)));
        foreach (var same in before.GroupBy(value => value)) Assert.True(after.Count(value => value == same.Key) >= same.Count(), $"{same.Key} was lost");
    }

    private static List<string> Values(byte[] document)
    {
        var values = new List<string>();
        using var read = JsonDocument.Parse(document);
        foreach (var member in read.RootElement.EnumerateObject().Where(member => member.Name != "formatVersion")) Add(member.Value);
        return values;

        void Add(JsonElement element)
        {
            switch (element.ValueKind)
            {
                case JsonValueKind.Object: foreach (var member in element.EnumerateObject()) Add(member.Value); break;
                case JsonValueKind.Array: foreach (var item in element.EnumerateArray()) Add(item); break;
                case JsonValueKind.Number: values.Add(element.GetDouble().ToString(System.Globalization.CultureInfo.InvariantCulture)); break;
                default: values.Add(element.ToString()); break;
            }
        }
    }

    private static GraftFileResult Read(string text) => GraftFile.Read(Encoding.UTF8.GetBytes(text));

    private static IEnumerable<string> Names(UnknownMembers unknown) => unknown.Members.Select(member => member.Key);
}
