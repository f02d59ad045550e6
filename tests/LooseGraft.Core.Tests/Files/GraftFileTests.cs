using System.Globalization;
using System.Reflection;
using System.Text;
using System.Text.Json.Nodes;
using CsCheck;
using LooseGraft.Core.Files;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Files;

public sealed class GraftFileTests
{
    private const string Range = "\"name\":\"x\",\"parts\":[{\"id\":\"p\",\"name\":\"p\",\"kind\":\"board\",\"ports\":[{\"id\":\"j\",\"name\":\"j\","
        + "\"connector\":\"pin-header\",\"gender\":\"male\",\"pins\":[{\"position\":1,";

    private const string Least = """{"format":"loose-graft","formatVersion":3,"name":"x","donor":{"name":"d"},"shell":{"name":"s"}}""";

    public static TheoryData<string> Demos => [.. Directory.EnumerateFiles(House.Root.Folder("demo"), "*.json").Select(file => Path.GetFileName(file)!)];

    // The words of a choice are looked up by its number.
    [Fact]
    public void The_values_of_every_enumeration_count_from_nought()
        => Assert.All(
            typeof(Graft).Assembly.GetTypes().Where(type => type.IsEnum && !type.Name.StartsWith('<') && type.GetCustomAttribute<FlagsAttribute>() is null),
            type => Assert.Equal(Enumerable.Range(0, Enum.GetValues(type).Length), Enum.GetValues(type).Cast<object>().Select(Convert.ToInt32)));

    [Theory]
    [MemberData(nameof(Demos))]
    public void Every_demo_is_written_back_byte_for_byte(string name)
    {
        var bytes = File.ReadAllBytes(Path.Combine(House.Root.Folder("demo"), name));
        var result = GraftFile.Read(bytes);
        Assert.Empty(result.Errors);
        Assert.Empty(result.Notes);
        Assert.Equal(Encoding.UTF8.GetString(bytes), Text(result.Graft!));
    }

    [Fact]
    public void Whatever_is_written_reads_back_as_the_same_bytes()
        => AnyGraft.Hold(graft =>
        {
            var written = GraftFile.Write(graft);
            var result = GraftFile.Read(written);
            Assert.Empty(result.Errors);
            Assert.Equal(written, GraftFile.Write(result.Graft!));
        });

    [Fact]
    public void A_machine_of_another_culture_writes_the_same_file()
    {
        var graft = Fed(SmallSupply(), Draw("+5 V", 1.25)) with { StartedOn = new DateOnly(2026, 3, 7), Budget = new Money(12.5m) };
        var here = Text(graft);
        var before = CultureInfo.CurrentCulture;
        try
        {
            // Invariant globalization refuses foreign cultures by name, so one is made by hand: comma decimals, dotted dates, a minus of its own.
            var foreign = (CultureInfo)CultureInfo.InvariantCulture.Clone();
            foreign.NumberFormat.NumberDecimalSeparator = ",";
            foreign.NumberFormat.NegativeSign = "~";
            foreign.DateTimeFormat.DateSeparator = ".";
            CultureInfo.CurrentCulture = foreign;
            Assert.Equal(here, Text(graft));
            Assert.Equal(here, Text(GraftFile.Read(Encoding.UTF8.GetBytes(here)).Graft!));
        }
        finally
        {
            CultureInfo.CurrentCulture = before;
        }
    }

    [Fact]
    public void Members_of_a_newer_version_are_kept_and_noted()
    {
        var text = Least.Replace("\"name\":\"d\"", "\"name\":\"d\",\"smell\":{\"of\":[\"dust\",1.50]}", StringComparison.Ordinal);
        var result = GraftFile.Read(Encoding.UTF8.GetBytes(text));
        Assert.Equal("$.donor.smell is not known to this version; it is kept as it stands.", Assert.Single(result.Notes));
        Assert.Contains("1.50", Text(result.Graft!));
        Assert.Equal(Text(result.Graft!), Text(GraftFile.Read(GraftFile.Write(result.Graft!)).Graft!));
    }

    [Theory]
    [InlineData("\"name\":\"x\"", "\"name\":7", "$.name", "7")]
    [InlineData("\"name\":\"x\"", "\"name\":\"\"", "$.name", "\"\"")]
    [InlineData("\"name\":\"x\"", "\"name\":\"x\",\"name\":\"y\"", "$.name", "the member twice")]
    [InlineData("\"name\":\"x\"", "\"name\":\"a\\ud800b\"", "$.name", "a broken character (half of a surrogate pair)")]
    [InlineData("\"name\":\"x\",", "", "$.name", "nothing")]
    [InlineData("\"formatVersion\":3", "\"formatVersion\":4", "$.formatVersion", "4")]
    [InlineData("{\"name\":\"d\"}", "[]", "$.donor", "a list of 0")]
    [InlineData("\"name\":\"x\"", "\"name\":\"x\",\"budget\":-1", "$.budget", "-1")]
    [InlineData("\"name\":\"x\"", "\"name\":\"x\",\"budget\":1e309", "$.budget", "1e309")]
    [InlineData("\"name\":\"x\"", Range + "\"leastVolts\":18}]}]}]", "$.parts[0].ports[0].pins[0].mostVolts", "nothing")]
    [InlineData("\"name\":\"x\"", Range + "\"mostVolts\":18}]}]}]", "$.parts[0].ports[0].pins[0].leastVolts", "nothing")]
    [InlineData("\"name\":\"x\"", Range + "\"leastVolts\":20,\"mostVolts\":18}]}]}]", "$.parts[0].ports[0].pins[0].mostVolts", "20 V to 18 V")]
    [InlineData("\"name\":\"x\"", Range + "\"leastVolts\":-1,\"mostVolts\":1}]}]}]", "$.parts[0].ports[0].pins[0].mostVolts", "−1 V to 1 V")]
    [InlineData("\"name\":\"x\"", "\"name\":\"x\",\"startedOn\":\"31.3.2026\"", "$.startedOn", "\"31.3.2026\"")]
    [InlineData("\"name\":\"x\"", "\"name\":\"x\",\"joints\":[{\"id\":\"j\",\"from\":\"a/b\",\"to\":\"c/d\",\"method\":\"straight\"}]", "$.joints[0].from",
        "\"a/b\"")]
    [InlineData("\"name\":\"x\"", "\"name\":\"x\",\"joints\":[{\"id\":\"j\",\"from\":\"a/b\",\"to\":\"c/d\",\"method\":\"glue\"}]", "$.joints[0].method",
        "\"glue\"")]
    [InlineData("\"name\":\"x\"",
        "\"name\":\"x\",\"parts\":[{\"id\":\"p\",\"name\":\"p\",\"kind\":\"board\"},{\"id\":\"p\",\"name\":\"p\",\"kind\":\"board\"}]", "$.parts[1]",
        "p again")]
    [InlineData("\"name\":\"x\"",
        "\"name\":\"x\",\"parts\":[{\"id\":\"p\",\"name\":\"p\",\"kind\":\"board\",\"ports\":[{\"id\":\"q\",\"name\":\"q\",\"connector\":\"fan-3\",\"gender\":\"male\",\"pins\":[{\"position\":4}]}]}]", "$.parts[0].ports[0].pins[0].position", "4")]
    [InlineData("\"name\":\"x\"", "\"name\":\"x\",\"supplies\":[{\"id\":\"s\",\"part\":\"none\",\"rails\":[{\"output\":\"ground\",\"limitAmps\":1}]}]",
        "$.supplies[0].rails[0].output", "\"ground\"")]
    [InlineData("\"name\":\"x\"",
        "\"name\":\"x\",\"loads\":[{\"id\":\"l\",\"part\":\"p\",\"supply\":\"s\",\"draws\":[{\"rail\":\"+5 V\",\"idleAmps\":{\"low\":2,\"likely\":1,\"high\":3},\"typicalAmps\":1,\"peakAmps\":1}]}]", "$.loads[0].draws[0].idleAmps", "low 2, likely 1, high 3")]
    public void What_is_wrong_is_named_with_its_place(string good, string bad, string path, string found)
    {
        var result = GraftFile.Read(Encoding.UTF8.GetBytes(Least.Replace(good, bad, StringComparison.Ordinal)));
        Assert.Null(result.Graft);
        Assert.Contains(result.Errors, error => error.Path == path && error.Found == found && error.Allowed.Length > 0);
    }

    [Theory]
    [InlineData("{\"format\":", "line 1")]
    [InlineData("{\"format\":NaN}", "line 1")]
    [InlineData("", "line 1")]
    [InlineData("{\n\"a\": 1,,}", "line 2")]
    public void A_text_that_is_not_json_is_refused_with_its_line(string text, string place)
        => Assert.StartsWith(place, Assert.Single(GraftFile.Read(Encoding.UTF8.GetBytes(text)).Errors).Path);

    [Fact]
    public void Files_beyond_the_limits_are_refused_in_words()
    {
        Assert.Equal($"at most {GraftFileLimits.Bytes} bytes", Only(new byte[GraftFileLimits.Bytes + 1]).Allowed);
        Assert.StartsWith("UTF-8", Only(Encoding.Unicode.GetBytes(Least)).Allowed);
        Assert.StartsWith("line 1", Only(Encoding.UTF8.GetBytes(new string('[', 200))).Path, StringComparison.Ordinal);
        var pins = string.Join(',', Enumerable.Repeat("{\"position\":1}", 10_000));
        var crowded = $"\"name\":\"x\",\"parts\":[{{\"id\":\"p\",\"name\":\"p\",\"kind\":\"board\",\"ports\":[{{\"id\":\"q\",\"name\":\"q\",\"connector\":\"pin-header\",\"gender\":\"male\",\"pins\":[{pins}]}}]}}]";
        var error = Only(Encoding.UTF8.GetBytes(Least.Replace("\"name\":\"x\"", crowded, StringComparison.Ordinal)));
        Assert.Equal(("$.parts[0].ports[0].pins", "a list of 10000", "at most 1024"), (error.Path, error.Found, error.Allowed));
    }

    [Fact]
    public void All_errors_come_at_once_up_to_fifty()
    {
        var parts = string.Join(',', Enumerable.Repeat("{}", 100));
        Assert.Equal(GraftFileLimits.ErrorsReported,
            GraftFile.Read(Encoding.UTF8.GetBytes(
            Least.Replace("\"name\":\"x\"", $"\"name\":\"x\",\"parts\":[{parts}]", StringComparison.Ordinal))).Errors.Length);
    }

    [Fact]
    public void A_byte_order_mark_is_no_obstacle()
        => Assert.NotNull(GraftFile.Read(new byte[] { 0xEF, 0xBB, 0xBF }.Concat(Encoding.UTF8.GetBytes(Least)).ToArray()).Graft);

    [Fact]
    public void No_bytes_whatever_make_the_reader_throw()
        => (from at in Gen.Int[0, 4000] from value in Gen.Byte from cut in Gen.Bool select (at, value, cut)).Hold(damage =>
        {
            var bytes = File.ReadAllBytes(Path.Combine(House.Root.Folder("demo"), "ferry-radiogram.json"));
            bytes[damage.at % bytes.Length] = damage.value;
            var result = GraftFile.Read(damage.cut ? bytes.AsMemory(0, damage.at) : bytes);
            Assert.True(result.Graft is not null || !result.Errors.IsEmpty);
        });

    [Fact]
    public async Task The_schema_and_the_reader_agree_on_every_demo_and_on_what_is_out_of_bounds()
    {
        var schema = await NJsonSchema.JsonSchema.FromJsonAsync(GraftFile.Schema(), TestContext.Current.CancellationToken);
        foreach (var name in Demos.Select(row => row.Data))
        {
            var text = await File.ReadAllTextAsync(Path.Combine(House.Root.Folder("demo"), name), TestContext.Current.CancellationToken);
            Assert.Empty(schema.Validate(text));
            foreach (var (member, value) in new (string, JsonNode?)[]
            {
                ("name", 7), ("formatVersion", 4), ("budget", -1), ("parts", new JsonObject()), ("donor", null),
            })
            {
                var node = JsonNode.Parse(text)!.AsObject();
                node[member] = value;
                Assert.NotEmpty(schema.Validate(node.ToJsonString()));
                Assert.NotEmpty(GraftFile.Read(Encoding.UTF8.GetBytes(node.ToJsonString())).Errors);
            }
        }
    }

    private static Gen<Graft> AnyGraft =>
        from name in Gen.String[Gen.Char['a', 'ÿ'].Where(letter => !char.IsControl(letter)), 1, 20].Where(name => !string.IsNullOrWhiteSpace(name))
        from pins in Gen.Select(Gen.OneOf("+12 V", "-0.5 V", "ground", "my own name", "usb-shield"), Gen.Enum<Evidence>(), Gen.Enum<ContactState>()).Array[1, 6]
        from currents in Gen.Double[0, 1000].Array[3]
        from money in Gen.Int[0, 100_000]
        from method in Gen.Enum<JointMethod>()
        let port = new Port("port", name, ConnectorTypes.Find("pin-header")!, Gender.Male)
        {
            OwnRows = 1,
            OwnColumns = pins.Length,
            LeadLength = new Millimetres(currents[0] + 1),
            Pins = [.. pins.Select(
                (pin, index) => Pin(index + 1, pin.Item1, pin.Item2) with { Contact = pin.Item3, NeededFor = index % 2 == 0 ? name : null })],
        }
        let sorted = currents.Order().ToArray()
        let draw = Draw("+5 V", 1) with { Peak = Currents(sorted[0], sorted[1], sorted[2]), Note = name }
        select Joined(port, Plug("ground"), method, [(1, 1)]) with
        {
            Name = name,
            Budget = new Money(money / 100m),
            Supplies = [new Supply("supply", "board") { Rails = [new Rail(Signal("+5 V"), Limit(currents[0]))] }],
            Loads = [Hung("load", "board", "supply") with { Draws = [draw] }],
        };

    private static string Text(Graft graft) => Encoding.UTF8.GetString(GraftFile.Write(graft));

    private static FileError Only(byte[] bytes) => Assert.Single(GraftFile.Read(bytes).Errors);
}
