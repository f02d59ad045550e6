using LooseGraft.Core.Circuit;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;
using NetArchTest.Rules;

namespace LooseGraft.Core.Tests.House;

/// <summary>What keeps the house in order: arrows, documents and facts.</summary>
public sealed partial class HouseTests
{
    // In working order; a stage may look to an earlier one, never to a later.
    private static readonly string[] Verbs = Enum.GetNames<Stage>();

    [Theory]
    [InlineData("Quantities", new[] { "Facts", "Model", "Findings", "Circuit", "Files" })]
    [InlineData("Facts", new[] { "Model", "Findings", "Circuit", "Files" })]
    [InlineData("Model", new[] { "Findings", "Circuit", "Files" })]
    [InlineData("Findings", new[] { "Circuit", "Files" })]
    [InlineData("Files", new[] { "Findings", "Circuit" })]
    [InlineData("Circuit", new[] { "Files" })]
    public void Foundations_do_not_look_up(string below, string[] above) => Assert.Empty(Looking(below, above.Concat(Verbs)));

    [Fact]
    public void Stages_only_look_back()
        => Assert.All(Verbs, stage => Assert.Empty(Looking(stage, Verbs.SkipWhile(other => other != stage).Skip(1).Append("Files"))));

    // The canary of the two rules above: arrows that do stand are seen, one by one and among others.
    [Theory]
    [InlineData("Feed", new[] { "Model" })]
    [InlineData("Feed", new[] { "Log", "Findings" })]
    [InlineData("Wire", new[] { "Quantities" })]
    [InlineData("Files", new[] { "Model" })]
    [InlineData("Circuit", new[] { "Findings" })]
    [InlineData("Wire", new[] { "Circuit" })]
    public void An_arrow_that_stands_is_seen(string from, string[] to) => Assert.NotEmpty(Looking(from, to));

    [Fact]
    public void Every_namespace_of_the_core_is_held_by_these_rules()
    {
        string[] known = ["Quantities", "Facts", "Model", "Findings", "Circuit", "Files", .. Verbs];
        var found = typeof(Review).Assembly.GetTypes().Select(type => type.Namespace).OfType<string>()
            .Where(name => name.StartsWith("LooseGraft.Core.", StringComparison.Ordinal))
            .Select(name => name.Split('.')[2]).Distinct();
        Assert.Empty(found.Except(known));
    }

    // What stands in quotation marks may be a sentence, and is not broken for its length.
    [Fact]
    public void No_line_of_code_is_longer_than_the_editor_says()
    {
        var longest = int.Parse(
            File.ReadLines(Path.Combine(Root.Path, ".editorconfig")).Single(line => line.StartsWith("max_line_length", StringComparison.Ordinal)).Split('=')[1],
            System.Globalization.CultureInfo.InvariantCulture);
        Assert.Empty(
            from file in Sources()
            from line in File.ReadLines(file)
            where line.Length > longest && !line.Contains("\"\"\"", StringComparison.Ordinal) && Quoted().Replace(line, "\"\"").Length > longest - 40
            select $"{Path.GetFileName(file)}: {line}");
    }

    // What the build and the formatting of blanks leave alone.
    [Fact]
    public void What_a_file_uses_stands_in_order()
        => Assert.Empty(
            from file in Sources()
            let used = File.ReadLines(file).TakeWhile(line => !line.StartsWith("namespace", StringComparison.Ordinal))
                .Where(line => line.StartsWith("using ", StringComparison.Ordinal)).Select(Place).ToList()
            where !used.SequenceEqual(used.Order())
            select Path.GetFileName(file));

    private static (int, int, string) Place(string line)
    {
        var name = line["using ".Length..].TrimEnd(';');
        var isStatic = name.StartsWith("static ", StringComparison.Ordinal);
        name = isStatic ? name["static ".Length..] : name;
        return (name.Contains('=') ? 2 : isStatic ? 1 : 0, name == "System" || name.StartsWith("System.", StringComparison.Ordinal) ? 0 : 1, name);
    }

    private static List<string> Sources()
    {
        string[] folders = ["src", "tests", "bench"];
        var sources = folders.SelectMany(folder => Directory.EnumerateFiles(Root.Folder(folder), "*.cs", SearchOption.AllDirectories))
            .Where(file => !file.Split(Path.DirectorySeparatorChar).Any(step => step is "obj" or "bin" or "Migrations" or "node_modules")).ToList();
        Assert.True(sources.Count > 300);
        return sources;
    }

    [Fact]
    public void The_core_knows_nothing_of_pages_databases_or_networks()
    {
        string[] outside = ["Microsoft.AspNetCore", "Microsoft.EntityFrameworkCore", "System.Net", "LooseGraft.Data", "LooseGraft.Web"];
        Assert.Empty(Depending(outside));
        // The canary: what it does depend on is seen.
        Assert.NotEmpty(Depending([.. outside, "System.Text.Json"]));
    }

    [Fact]
    public void Every_rule_stands_in_the_rule_document_under_its_code_and_title()
    {
        var document = File.ReadAllText(Path.Combine(Root.Folder("docs"), "rules.md"));
        Assert.All(Stages.Rules, rule => Assert.Contains($"### {rule.Code} · {rule.Title}", document));
        Assert.Equal(Stages.Rules.Length, Stages.Rules.Select(rule => rule.Code).Distinct().Count());
    }

    [Fact]
    public void The_schema_in_the_documents_is_the_one_the_product_prints()
        => Assert.Equal(GraftFile.Schema(), File.ReadAllText(Path.Combine(Root.Folder("docs"), "graft-file.schema.json")));

    [Fact]
    public void Every_limit_of_the_file_stands_in_its_document()
    {
        var document = File.ReadAllText(Path.Combine(Root.Folder("docs"), "graft-file.md"));
        Assert.All(typeof(GraftFileLimits).GetFields().Where(field => field.Name != nameof(GraftFileLimits.Bytes)),
            field => Assert.Contains($"| {field.GetRawConstantValue()} |", document));
    }

    [Fact]
    public void Every_usual_pinout_fits_its_connector_and_names_known_signals()
        => Assert.All(ConnectorTypes.All.Where(type => type.Pinout.Count > 0), type =>
        {
            Assert.Equal(type.Rows * type.Columns, type.Pinout.Count);
            Assert.All(Pin.UsualFor(type), pin => Assert.NotEqual(SignalFamily.Other, pin.Signal.Value.Family));
        });

    [Fact]
    public void A_standard_lead_on_a_standard_board_of_each_kind_meets_no_stop()
        => Assert.All(ConnectorTypes.All.Where(type => type.Pinout.Count > 0), type =>
        {
            var pins = Pin.UsualFor(type).ToArray();
            Assert.All(pins, pin => Assert.False(ContactRules.Judge(new Terminal(pin, PartKind.Board), new Terminal(pin, PartKind.Panel)).IsStop));
        });

    private static IEnumerable<string> Depending(string[] on)
        => Types.InAssembly(typeof(Review).Assembly).ShouldNot().HaveDependencyOnAny(on).GetResult().FailingTypeNames ?? [];

    /// <summary>The types of one folder that depend on any of the others.</summary>
    private static IEnumerable<string> Looking(string from, IEnumerable<string> to)
        => Types.InAssembly(typeof(Review).Assembly).That().ResideInNamespace($"LooseGraft.Core.{from}")
            .ShouldNot().HaveDependencyOnAny([.. to.Select(name => $"LooseGraft.Core.{name}")]).GetResult().FailingTypeNames ?? [];

    [System.Text.RegularExpressions.GeneratedRegex("\"(?:[^\"\\\\]|\\\\.)*\"")]
    private static partial System.Text.RegularExpressions.Regex Quoted();
}
