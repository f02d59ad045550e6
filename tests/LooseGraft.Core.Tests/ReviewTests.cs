using System.Text.Json.Nodes;
using CsCheck;
using LooseGraft.Cli;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests;

public sealed class ReviewTests
{
    [Fact]
    public void Findings_come_heaviest_first_and_the_next_cut_is_the_first_ones_remedy()
    {
        var review = Review.Of(Demo("ferry-radiogram"));
        Assert.Equal(review.Findings.OrderByDescending(finding => finding.Severity).Select(finding => finding.Severity),
            review.Findings.Select(finding => finding.Severity));
        Assert.Equal(Severity.Stop, review.Findings[0].Severity);
        Assert.Equal(review.Findings[0].Subject, review.NextCut.Subject);
    }

    [Theory]
    [InlineData("ferry-radiogram")]
    [InlineData("lending-desk")]
    [InlineData("slide-projector")]
    public void Each_demo_holds_honest_trouble(string name)
    {
        var review = Review.Of(Demo(name));
        Assert.True(review.Stops > 0);
        Assert.Contains(review.Findings, finding => finding.Severity == Severity.Check);
        Assert.NotEmpty(review.Unproven);
    }

    [Fact]
    public void What_is_taken_over_from_before_an_edit_is_what_judging_anew_would_give()
    {
        var ferry = Demo("ferry-radiogram");
        var (before, signals) = (Review.Of(ferry), new[] { "+12 V", "ground", "unknown", "lid-sense", "usb1-data+" });
        (from joint in Gen.Int[0, ferry.Joints.Length - 1]
         from position in Gen.Int[1, 4]
         from signal in Gen.Int[0, 4].Select(index => signals[index])
         from method in Gen.Enum<JointMethod>()
         from drops in Gen.Bool
         select (ferry.Joints[joint], position, signal, method, drops)).Hold((joint, position, signal, method, drops) =>
        {
            var edited = ferry.WithPin(
                joint.From, Math.Min(position, ferry.FindPort(joint.From)!.PositionCount),
                pin => pin with { Signal = pin.Signal with { Value = Signal(signal) } }).WithJoint(joint.Id, old => old with { Method = method });
            if (drops) edited = edited.WithoutPart(joint.To.Part);
            // Read back from its file, so that nothing is the same object any more.
            edited = GraftFile.Read(GraftFile.Write(edited)).Graft!;
            Assert.Equal(Told(Review.Of(edited)), Told(Review.Of(edited, before)));
        }, iter: 60);
    }

    private static IEnumerable<string> Told(Review review)
        => review.Findings.Select(finding => $"{finding.Severity} {finding.Rule.Code} {finding.Subject} {finding.Message} {finding.Evidence}")
            .Concat(review.Wire.Joints.Select(joint => $"{joint.Joint.Id} {joint.Verdict}"));

    [Fact]
    public void An_empty_graft_is_led_from_step_to_step()
    {
        var graft = Graft.Empty("x");
        Assert.Equal(Stage.Stock, Review.Of(graft).NextCut.Stage);
        graft = graft with { Parts = [Board(Header("ground"))] };
        Assert.Equal(Stage.Wire, Review.Of(graft).NextCut.Stage);
        graft = Joined(Header("ground", "shrouded-header"), Plug("ground", "shrouded-header"));
        Assert.Equal(Stage.Feed, Review.Of(graft).NextCut.Stage);
        graft = graft with { Supplies = [SmallSupply() with { Part = "shell" }] };
        Assert.Equal((Stage.Feed, "/parts/board"), (Review.Of(graft).NextCut.Stage, Review.Of(graft).NextCut.Subject.Text));
        graft = graft with { Loads = [Hung("load", "board", "supply") with { Draws = [Draw("+12 V", 1)] }] };
        // What it hangs on is to be joined, or said.
        Assert.Equal((Stage.Feed, "/loads/load/draws/+12 V"), (Review.Of(graft).NextCut.Stage, Review.Of(graft).NextCut.Subject.Text));
        var lead = new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find("peripheral-power-4")!)] };
        graft = graft with { Supplies = [graft.Supplies[0] with { Leads = [lead] }], Loads = [graft.Loads[0].At("s/a")] };
        Assert.Equal(Stage.Build, Review.Of(graft).NextCut.Stage);
    }

    [Theory]
    [InlineData("+12", "+12 V")]
    [InlineData("12V", "+12 V")]
    [InlineData("−12 v", "-12 V")]
    [InlineData("5 V SB", "+5 V standby")]
    [InlineData("GND", "ground")]
    [InlineData("PWR_BTN#", "power-switch")]
    [InlineData("my own", "my own")]
    [InlineData("+0", null)]
    [InlineData("+1e9 V", null)]
    [InlineData("<b>", null)]
    public void Signals_are_read_as_people_write_them(string text, string? expected) => Assert.Equal(expected, Model.Signal.Parse(text)?.Name);

    [Theory]
    [InlineData("1.5", 1.5)]
    [InlineData("1,5 A", 1.5)]
    [InlineData("−0.3", -0.3)]
    [InlineData("NaN", null)]
    [InlineData("1e309", null)]
    [InlineData("1.000,5", null)]
    [InlineData("", null)]
    public void Figures_are_read_as_people_type_them(string text, double? expected) => Assert.Equal(expected, FigureText.TryRead(text, "A"));

    [Fact]
    public void Quantities_keep_their_units_and_their_order()
    {
        Assert.Equal(new Watts(60), new Volts(-12) * new Amps(5));
        Assert.Equal("−12 V", new Volts(-12).ToString());
        Assert.Equal("8 W (6–11 W)", new Spread<Watts>(new(6), new(8), new(11)).ToString());
        Assert.Throws<ArgumentException>(() => new Spread<Amps>(new(2), new(1), new(3)));
        Assert.Equal("−12.50 EUR", (new Money(7.5m) - new Money(20)).In("EUR"));
    }

    [Theory]
    [InlineData("A Fan!", new string[0], "a-fan")]
    [InlineData("fan", new[] { "fan", "fan-2" }, "fan-3")]
    [InlineData("°°", new string[0], "thing")]
    public void Fresh_ids_are_plain_and_unused(string name, string[] taken, string expected) => Assert.Equal(expected, GraftEdits.FreshId(name, taken));

    [Fact]
    public void The_shell_answers_by_exit_code_and_json()
    {
        var output = new StringWriter();
        var configuration = new System.CommandLine.InvocationConfiguration { Output = output, Error = output };
        int Run(params string[] arguments) => Commands.Root().Parse(arguments).Invoke(configuration);
        var folder = Directory.CreateTempSubdirectory();
        var harmless = Path.Combine(folder.FullName, "harmless.json");
        File.WriteAllBytes(harmless, GraftFile.Write(Joined(Header("ground"), Plug("ground"))));
        var broken = Path.Combine(folder.FullName, "broken.json");
        File.WriteAllText(broken, "{}");

        Assert.Equal(Commands.Fine, Run("check", harmless));
        Assert.Equal(Commands.Unreadable, Run("check", broken));
        Assert.Equal(Commands.Unreadable, Run("check", Path.Combine(folder.FullName, "missing.json")));
        Assert.Contains("$.name", output.ToString());

        output.GetStringBuilder().Clear();
        Assert.Equal(Commands.Wrong, Run("check", DemoPath("ferry-radiogram"), "--json"));
        var json = JsonNode.Parse(output.ToString())!;
        Assert.Equal("SEAT-001", (string?)json["findings"]![0]!["code"]);
        Assert.Equal("stop", (string?)json["findings"]![0]!["severity"]);
        var seating = json["figures"]!["seating"]!;
        var holes = seating["boards"]![0]!["holes"]!;
        Assert.Equal(("s1", 45.0, "through-bolt"), ((string?)holes[0]!["mount"], (double)holes[0]!["at"]![0]!, (string?)holes[1]!["method"]));
        Assert.Contains(seating["ways"]!.AsArray(), way => (int)way!["met"]! >= 1 && (string?)way["plane"] == "tray");
        Assert.Contains(seating["cuts"]!.AsArray(), cut => (double?)cut!["drillMm"] == 3.4);
        Assert.All(seating["leads"]!.AsArray(), lead => Assert.Equal((double)lead!["hadMm"]! - (double)lead["neededMm"]!, (double)lead["spareMm"]!, 1e-5));
        Assert.All(seating["surveys"]!.AsArray().SelectMany(survey => survey!["points"]!.AsArray()), point => Assert.Equal(2, point!["at"]!.AsArray().Count));
        var rail = json["figures"]!["supplies"]![0]!["limits"]![0]!;
        Assert.Equal(144, (double)rail["limitWatts"]!);
        Assert.Equal(144 - (double)rail["cases"]!["peak"]!["usedWatts"]!["likely"]!, (double)rail["cases"]!["peak"]!["leftWatts"]!["likely"]!, 9);
        Assert.Equal(5, (int)json["figures"]!["jointsByMethod"]!["straight"]!);

        output.GetStringBuilder().Clear();
        Run("check", DemoPath("weighbridge"), "--json");
        var supply = JsonNode.Parse(output.ToString())!["figures"]!["supplies"]![0]!;
        var amps = supply["flows"]!.AsArray().ToDictionary(flow => (string)flow!["subject"]!, flow => (double)flow!["amps"]!["peak"]!["likely"]!);
        Assert.All(supply["limits"]!.AsArray().Where(limit => limit!["limitAmps"] is not null), limit => Assert.Equal(
            Math.Abs(limit!["counts"]!.AsArray().Sum(each => (double)each!["share"]! * amps[(string)each["flow"]!])),
            (double)limit["cases"]!["peak"]!["usedAmps"]!["likely"]!, 1e-4));
        Assert.Equal(("main lead", true), ((string?)supply["flows"]![0]!["way"]![0]!["label"], (bool)supply["schools"]!["disagree"]!));
        Assert.Equal("measured", (string?)supply["schools"]!["trusted"]);
        Assert.NotEmpty(supply["wallFit"]!["readings"]!.AsArray());

        output.GetStringBuilder().Clear();
        Assert.Equal(Commands.Unreadable, Run("check", harmless, DemoPath("ferry-radiogram"), broken, "--json"));
        var lines = output.ToString().Split('\n', StringSplitOptions.RemoveEmptyEntries).Select(line => JsonNode.Parse(line)!).ToArray();
        Assert.Equal([harmless, DemoPath("ferry-radiogram"), broken], lines.Select(line => (string?)line["file"]));
        Assert.Equal([false, false, true], lines.Select(line => line["errors"] is not null));
        output.GetStringBuilder().Clear();
        Assert.Equal(Commands.Wrong, Run("check", harmless, DemoPath("ferry-radiogram")));
        Assert.Contains($"== {harmless}", output.ToString());

        output.GetStringBuilder().Clear();
        Assert.Equal(Commands.Fine, Run("template", DemoPath("ferry-radiogram"), "tray", "--dxf"));
        Assert.Equal(9, Core.Seat.Exchange.DxfReader.Read(output.ToString()).Circles.Length);
        foreach (var sheet in new[] { "tray/left", "kt31" }) Assert.Equal(Commands.Fine, Run("template", DemoPath("ferry-radiogram"), sheet));
        Assert.Equal(Commands.Unreadable, Run("template", DemoPath("ferry-radiogram"), "roof"));
        Assert.Contains("there are: tray", output.ToString());

        output.GetStringBuilder().Clear();
        Assert.Equal(Commands.Fine, Run("schema"));
        Assert.Equal(GraftFile.Schema(), output.ToString());
        folder.Delete(recursive: true);
    }

    [Theory]
    [InlineData("pin kt31/panel 7 ground", 0, "panel header, position 7: ground, assumed")]
    [InlineData("pin kt31/panel 99 ground", 2, "that changes nothing")]
    [InlineData("pin kt31/nowhere 1 ground", 2, "There is nothing of that name")]
    [InlineData("pin kt31 1 ground", 1, "is not a port written part/port")]
    [InlineData("pin kt31/panel 7 ☃", 1, "is not a signal")]
    [InlineData("decide panel leaveoff", 0, "Joint panel: decided: leave it off")]
    [InlineData("decide nowhere straight", 2, "that changes nothing")]
    [InlineData("remove-part concerto", 0, "Part concerto taken out")]
    public void The_shell_prints_a_file_with_an_edit_made_to_it(string edit, int exit, string words)
    {
        var (output, error) = (new StringWriter(), new StringWriter());
        string[] arguments = ["edit", edit.Split(' ')[0], DemoPath("ferry-radiogram"), .. edit.Split(' ')[1..]];
        Assert.Equal(exit, Commands.Root().Parse(arguments).Invoke(new System.CommandLine.InvocationConfiguration { Output = output, Error = error }));
        Assert.Contains(words, error.ToString());
        if (exit == 0) Assert.NotEqual(Demo("ferry-radiogram"), GraftFile.Read(System.Text.Encoding.UTF8.GetBytes(output.ToString())).Graft!);
    }

    private static string DemoPath(string name) => Path.Combine(House.Root.Folder("demo"), name + ".json");

    private static Graft Demo(string name) => GraftFile.Read(File.ReadAllBytes(DemoPath(name))).Graft!;
}
