using System.Text;
using System.Text.Json.Nodes;
using LooseGraft.Core.Files;

namespace LooseGraft.Core.Tests.Files;

/// <summary>What a file keeps and how it is tidied.</summary>
public sealed class KeepingTests
{
    [Fact]
    public void A_member_nobody_knows_is_kept_in_every_object_of_a_file()
    {
        var root = JsonNode.Parse(File.ReadAllText(Path.Combine(House.Root.Folder("demo"), "ferry-radiogram.json")))!.AsObject();
        var objects = Objects(root).ToList();
        for (var index = 0; index < objects.Count; index++) objects[index]["fromTheFuture"] = index;
        var result = GraftFile.Read(Encoding.UTF8.GetBytes(root.ToJsonString()));
        Assert.Empty(result.Errors);
        Assert.Equal(GraftFileLimits.ErrorsReported, result.Notes.Length);
        var kept = Objects(JsonNode.Parse(GraftFile.Write(result.Graft!))!.AsObject()).Select(each => (int?)each["fromTheFuture"]).ToList();
        Assert.Equal(Enumerable.Range(0, objects.Count), kept.OfType<int>().Order());
    }

    [Theory]
    [InlineData("\"budget\":12.50", "\"budget\": 12.5")]
    [InlineData("\"budget\":0.00", "\"budget\": 0")]
    [InlineData("\"currency\":\"EUR\"", "\"name\": \"x\",\n  \"donor\"")]
    [InlineData("\"aim\":\"two\\nlines — and a dash\"", "\"aim\": \"two\\nlines — and a dash\"")]
    public void A_file_is_written_in_one_tidy_way(string written, string tidied) => Assert.Contains(tidied, Tidied(written));

    [Theory]
    [InlineData("-0.0", "0")]
    [InlineData("1e2", "100")]
    [InlineData("{\"low\":1,\"likely\":1.0,\"high\":1}", "1")]
    [InlineData("{\"low\":0.5,\"likely\":1,\"high\":2}", "{\"low\":0.5,\"likely\":1,\"high\":2}")]
    public void A_figure_is_written_in_one_tidy_way(string written, string tidied) => Assert.Contains($"\"idleAmps\":{tidied},", Tidied(Drawing(written)));

    [Theory]
    [InlineData("{\"low\":1,\"likely\":2}", "$.loads[0].draws[0].idleAmps.high")]
    [InlineData("{\"low\":1,\"likely\":2,\"high\":3,\"wild\":4}", "$.loads[0].draws[0].idleAmps")]
    [InlineData("\"1 A\"", "$.loads[0].draws[0].idleAmps")]
    [InlineData("null", "$.loads[0].draws[0].idleAmps")]
    [InlineData("1000001", "$.loads[0].draws[0].idleAmps")]
    public void A_spread_that_will_not_do_is_named_by_its_place(string written, string place)
        => Assert.Equal(place, Assert.Single(Read(Drawing(written)).Errors).Path);

    [Fact]
    public void An_error_deep_inside_does_not_hide_the_ones_beside_it()
    {
        var result = Read("""
            "startedOn": "soon", "parts": [
              {"id": "a", "name": "a", "kind": "board", "ports": [{"id": "p", "name": "p", "connector": "magic", "gender": "male"}, {"id": "P!", "name": "p", "connector": "fan-3", "gender": "none"}]},
              {"id": "b", "name": "b", "kind": "wand"}]
            """);
        Assert.Equal(["$.startedOn", "$.parts[0].ports[0].connector", "$.parts[0].ports[1].id", "$.parts[0].ports[1].gender", "$.parts[1].kind"],
            result.Errors.Select(error => error.Path));
        Assert.Contains("pin-header", result.Errors[1].Allowed);
    }

    [Fact]
    public void A_port_too_large_in_all_is_refused_though_rows_and_columns_are_each_within_bounds()
        => Assert.Contains(Read("""
            "parts": [{"id": "a", "name": "a", "kind": "board", "ports": [{"id": "p", "name": "p", "connector": "pin-header", "gender": "male", "rows": 1000, "columns": 1000}]}]
            """).Errors, error => error is { Path: "$.parts[0].ports[0]", Found: "1000 rows of 1000 positions" });

    [Theory]
    [InlineData("""{"id":"j","from":"a/p","to":"a/p","method":"straight"}""", "$.joints[0].to")]
    [InlineData("""{"id":"j","from":"a/p","to":"a/q","method":"splice","wires":[{"from":4,"to":1}]}""", "$.joints[0].wires[0].from")]
    [InlineData("""{"id":"j","from":"a/p","to":"a/q","method":"splice","wires":[{"from":1,"to":1},{"from":1,"to":1}]}""", "$.joints[0].wires[1]")]
    [InlineData("""{"id":"j","from":"a/p","to":"a/q","method":"straight","pinOneOn":4}""", "$.joints[0].pinOneOn")]
    [InlineData("""{"id":"j","from":"a/p","to":"a/q","method":"straight","turnDegrees":45}""", "$.joints[0].turnDegrees")]
    [InlineData("""{"id":"j","from":"a","to":"a/q","method":"straight"}""", "$.joints[0].from")]
    public void A_joint_speaks_only_of_what_is_there(string joint, string place)
        => Assert.Equal(place, Assert.Single(Read($$"""
            "parts": [{"id": "a", "name": "a", "kind": "board", "ports": [
              {"id": "p", "name": "p", "connector": "fan-3", "gender": "male"}, {"id": "q", "name": "q", "connector": "fan-3", "gender": "female"}]}],
            "joints": [{{joint}}]
            """).Errors).Path);

    [Theory]
    [InlineData("""{"id":"s","part":"b"}""", "$.supplies[0].part")]
    [InlineData("""{"id":"s","part":"a","rails":[{"output":"+5 V","limitAmps":1},{"output":"5V","limitAmps":2}]}""", "$.supplies[0].rails[1]")]
    [InlineData("""{"id":"s","part":"a","rails":[{"output":"+5 V","limitAmps":1}],"combined":[{"rails":["+5 V","+12 V"],"limitWatts":5}]}""",
        "$.supplies[0].combined[0].rails[1]")]
    [InlineData("""{"id":"s","part":"a","total":{"limitWatts":-5}}""", "$.supplies[0].total.limitWatts")]
    public void A_supply_speaks_only_of_what_is_there(string supply, string place)
        => Assert.Equal(place, Assert.Single(Read($$""" "parts": [{"id": "a", "name": "a", "kind": "supply"}], "supplies": [{{supply}}] """).Errors).Path);

    private static string Drawing(string idle)
        => $$"""
            "parts": [{"id": "a", "name": "a", "kind": "supply"}], "supplies": [{"id": "s", "part": "a", "rails": [{"output": "+5 V", "limitAmps": 1}]}],
            "loads": [{"id": "l", "part": "a", "supply": "s", "draws": [{"rail": "+5 V", "idleAmps": {{idle}}, "typicalAmps": 1, "peakAmps": 1}]}]
            """;

    private static string Tidied(string members) => Encoding.UTF8.GetString(GraftFile.Write(Read(members).Graft!));

    private static GraftFileResult Read(string members)
        => GraftFile.Read(Encoding.UTF8.GetBytes(
            $$"""{"format":"loose-graft","formatVersion":3,"name":"x","donor":{"name":"d"},"shell":{"name":"s"},{{members}}}"""));

    // A spread has no room for members of its own.
    private static IEnumerable<JsonObject> Objects(JsonNode? node) => node switch
    {
        JsonObject spread when spread.ContainsKey("likely") => [],
        JsonObject each => each.ToList().SelectMany(member => Objects(member.Value)).Prepend(each),
        JsonArray list => list.SelectMany(Objects),
        _ => [],
    };
}
