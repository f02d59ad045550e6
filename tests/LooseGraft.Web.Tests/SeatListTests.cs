using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Tests;

/// <summary>Lists that are typed, a line each.</summary>
public sealed class SeatListTests
{
    private static readonly bool[] Both = [true, false];

    [Theory]
    [InlineData("12.5", 12.5)]
    [InlineData("12,5", 12.5)]
    [InlineData("1/2 in", 12.7)]
    [InlineData("1 5/8 in", 41.275)]
    [InlineData("26 + .4", 26.4)]
    [InlineData("37 mm", 37)]
    [InlineData("3.7 cm", 37)]
    [InlineData("-8", -8)]
    public void A_length_is_read_as_builders_say_it(string text, double millimetres)
    {
        var line = new ListLine(text, 1);
        Assert.Equal(millimetres, line.Length("x"), 6);
        Assert.Null(line.Problem);
    }

    [Theory]
    [InlineData("NaN")]
    [InlineData("1e309")]
    [InlineData("10001")]
    [InlineData("4.98 V")]
    [InlineData("beep")]
    [InlineData("")]
    public void What_is_no_length_is_named_with_its_line(string text)
    {
        var line = new ListLine($"s1;{text}", 7);
        line.Name("name");
        line.Length("x");
        Assert.StartsWith($"Line 7, “s1;{text}”: x “{text}” is not a length", line.Problem!);
    }

    [Fact]
    public void The_first_thing_that_is_wrong_stays_and_a_long_line_is_cut_short()
    {
        var line = new ListLine(new string('x', 200), 1);
        line.Name("name");
        line.Fail("and something else");
        Assert.Contains("name is missing, or longer than 120 characters", line.Problem!);
        Assert.True(line.Problem!.Length < 150);
    }

    [Theory]
    [InlineData("bare board", BodyZoneKind.BareBoard)]
    [InlineData("bare-board", BodyZoneKind.BareBoard)]
    [InlineData("Tall", BodyZoneKind.Tall)]
    public void Words_are_taken_with_or_without_hyphens_and_capitals(string text, BodyZoneKind kind) => Assert.Equal(kind, ListLine.Parse<BodyZoneKind>(text));

    [Fact]
    public void A_table_pasted_with_tabs_reads_like_one_typed_with_semicolons()
    {
        var (errors, typed) = (new ModelStateDictionary(), "s1; standoff; 6.35; 33.02; 6.5; 6; measured\r\n\r\ns2;stud;1/2 in;10;5");
        var mounts = SeatLists.Mounts.ReadAll(errors, typed);
        Assert.True(errors.IsValid);
        Assert.Equal(mounts, SeatLists.Mounts.ReadAll(errors, typed.Replace("; ", "\t", StringComparison.Ordinal).Replace(';', '\t')));
        Assert.Equal(["s1", "s2"], mounts.Select(mount => mount.Id));
        Assert.Equal((new PlanPoint(12.7, 10), 6.0, Core.Facts.Evidence.Assumed), (mounts[1].At, mounts[1].Across.Value, mounts[1].Evidence));
    }

    [Fact]
    public void Every_flag_of_a_mount_survives_being_written_and_read()
    {
        var errors = new ModelStateDictionary();
        var mounts = (from kind in Enum.GetValues<MountKind>() from state in Enum.GetValues<MountState>() from metal in Both select (kind, state, metal))
            .Select((each, index) => new Mount($"m{index}", each.kind, new PlanPoint(index, 0.25), new Millimetres(5))
            {
                State = each.state,
                IsMetal = each.metal,
                Evidence = index % 2 == 0 ? Core.Facts.Evidence.Measured : Core.Facts.Evidence.Assumed,
            }).ToArray();
        Assert.Equal(mounts, SeatLists.Mounts.ReadAll(errors, SeatLists.Mounts.WriteAll(mounts)));
        Assert.True(errors.IsValid);
    }

    [Fact]
    public void Every_opening_survives_being_written_and_read_and_a_semicolon_in_a_name_does_not_end_it()
    {
        var errors = new ModelStateDictionary();
        var openings = (from kind in Enum.GetValues<OpeningKind>() from wall in Enum.GetValues<PlaneWall>() select (kind, wall))
            .Select((each, index) => new Opening($"o{index}", $"opening {index}", each.kind, each.wall, new PlanRectangle(index, -3.5, 20, 10.25))
            {
                IsToCut = index % 3 == 0,
            }).ToArray();
        Assert.Equal(openings, SeatLists.Openings.ReadAll(errors, SeatLists.Openings.WriteAll(openings)));
        var odd = openings[0] with { Name = "left; right" };
        Assert.Equal("left, right", Assert.Single(SeatLists.Openings.ReadAll(errors, SeatLists.Openings.Write(odd))).Name);
        Assert.True(errors.IsValid);
    }

    [Fact]
    public void A_lead_ends_at_a_port_or_at_two_figures_and_its_length_may_be_missing()
    {
        var errors = new ModelStateDictionary();
        var runs = SeatLists.Runs.ReadAll(
            errors, "a; lead; tray; 297 134; 20; kt31/main; 15; ; 14; maker's own\nb; lead; tray; kt31/fan; 0; 1,5 2; 0; 12 in; 5");
        Assert.True(errors.IsValid);
        Assert.Equal((new PlanPoint(297, 134), 20.0, new PortId("kt31", "main"), true),
            (runs[0].From.At, runs[0].From.Drop, runs[0].To.Port, runs[0].IsMakersOwn));
        Assert.Null(runs[0].Length);
        Assert.Equal((new PlanPoint(1.5, 2), 304.8), (runs[1].To.At, runs[1].Length!.Value.Value));
        Assert.Equal(runs, SeatLists.Runs.ReadAll(errors, SeatLists.Runs.WriteAll(runs)));
    }

    [Theory]
    [InlineData("Cooler; c; tray; 0; 0; 1; 1; 0; 1; 0", "short name “Cooler” takes small letters")]
    [InlineData("-a; c; tray; 0; 0; 1; 1; 0; 1; 0", "short name “-a” takes small letters")]
    [InlineData("a; c; tray; 0; 0; 1; 1; 0; 1; 0; loud", "“loud” is none of metal, insulating, round, mains, hot, heavy, held, frame, and part, slots, drive, bay or screw with what it is")]
    [InlineData("a; c; tray; 0; 0; 1; 1; -1; 1; 0", "from “-1” is not a length of 0 or more")]
    [InlineData("a; c; tray; 0; 0", "width “” is not a length above 0")]
    public void A_box_that_will_not_do_is_told(string line, string words)
    {
        var errors = new ModelStateDictionary();
        Assert.Empty(SeatLists.Boxes.ReadAll(errors, line));
        Assert.Contains(words, Assert.Single(errors["boxes"]!.Errors).ErrorMessage);
    }
}
