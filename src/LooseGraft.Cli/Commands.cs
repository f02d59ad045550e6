using System.CommandLine;
using System.CommandLine.Parsing;
using System.Globalization;
using System.Text;
using LooseGraft.Core;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Drawing;
using LooseGraft.Core.Seat.Exchange;

namespace LooseGraft.Cli;

/// <summary>The commands of <c>loosegraft</c>.</summary>
internal static class Commands
{
    /// <summary>Nothing worse than a check.</summary>
    public const int Fine = 0;

    /// <summary>At least one fix or stop.</summary>
    public const int Wrong = 1;

    /// <summary>The file could not be read.</summary>
    public const int Unreadable = 2;

    public static RootCommand Root()
        => new("Judges a graft from the shell, by the same rules as the bench.") { Check(), Tidy(), Schema(), Template(), EditCommand.Make(), ChooseCommand.Make() };

    private static Command Check()
    {
        var files = new Argument<string[]>("FILE") { Description = "A graft file, or several.", Arity = ArgumentArity.OneOrMore };
        var json = new Option<bool>("--json") { Description = "Print findings and figures as JSON; of several files one document a line." };
        var day = new Option<DateOnly?>("--day")
        {
            Description = "The day by which offers are old and parcels late, such as 2026-10-18; left out, no day is asked about.",
            CustomParser = DayOf,
        };
        var command = new Command("check",
            "Reviews graft files. Exit 0: nothing worse than a check; 1: a fix or a stop; 2: unreadable; of several the worst.") { files, json, day };
        command.SetAction(call =>
        {
            var (paths, asJson) = (call.GetRequiredValue(files), call.GetValue(json));
            var around = new Surroundings(call.GetValue(day), []);
            return paths.Max(path => CheckOne(path, asJson, isAlone: paths.Length == 1, around, call.InvocationConfiguration));
        });
        return command;
    }

    private static DateOnly? DayOf(ArgumentResult typed)
    {
        var text = typed.Tokens[0].Value;
        if (DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day)) return day;
        typed.AddError($"“{text}” is no day; type it as 2026-10-18.");
        return null;
    }

    private static int CheckOne(string path, bool asJson, bool isAlone, Surroundings around, InvocationConfiguration to)
    {
        var result = Read(path);
        var review = result.Graft is { } graft ? Review.Of(graft).SeenFrom(around) : null;
        if (asJson && !isAlone) to.Output.WriteLine(ReviewJson.Line(path, result, review));
        else if (asJson) to.Output.WriteLine(review is null ? ReviewJson.Of(result.Errors) : ReviewJson.Of(review, result.Notes));
        else
        {
            if (!isAlone) to.Output.WriteLine($"== {path}");
            if (review is null) Complain(result, to.Error);
            else to.Output.Write(ReviewText.Of(review, result.Notes));
        }

        return review is null ? Unreadable : review.Findings.Any(finding => finding.Severity >= Severity.Fix) ? Wrong : Fine;
    }

    private static Command Tidy()
    {
        var file = FileArgument();
        var command = new Command("tidy", "Prints a graft file the way the product writes it.") { file };
        command.SetAction(call =>
        {
            var result = Read(call.GetRequiredValue(file));
            if (result.Graft is not { } graft)
            {
                Complain(result, call.InvocationConfiguration.Error);
                return Unreadable;
            }

            call.InvocationConfiguration.Output.Write(Encoding.UTF8.GetString(GraftFile.Write(graft)));
            return Fine;
        });
        return command;
    }

    private static Command Schema()
    {
        var command = new Command("schema", "Prints the JSON Schema of the graft file.");
        command.SetAction(call => call.InvocationConfiguration.Output.Write(GraftFile.Schema()));
        return command;
    }

    private static Command Template()
    {
        var file = FileArgument();
        var plane = new Argument<string>("PLANE") { Description = "The id of a plane of its shell, or of a board for the plate round its ports." };
        var dxf = new Option<bool>("--dxf") { Description = "Print DXF (R12) instead of SVG in millimetres." };
        var command = new Command("template", "Prints the drill template of a plane, or the plate round the ports of a board, at true size. Exit 2: unreadable, or no such sheet.") { file, plane, dxf };
        command.SetAction(call =>
        {
            var result = Read(call.GetRequiredValue(file));
            if (result.Graft?.InUse() is not { } graft)
            {
                Complain(result, call.InvocationConfiguration.Error);
                return Unreadable;
            }

            if (TemplateSheet.Of(graft, SeatStage.Review(graft), call.GetRequiredValue(plane)) is not { } sheet)
            {
                call.InvocationConfiguration.Error.WriteLine(
                    $"There is no plane {call.GetRequiredValue(plane)}, and no board of that name with ports before an opening; there are: {string.Join(", ", graft.Seating.Planes.Select(each => each.Id))}");
                return Unreadable;
            }

            call.InvocationConfiguration.Output.Write(call.GetValue(dxf) ? SheetDxf.Write(sheet) : SheetSvg.Write(sheet));
            return Fine;
        });
        return command;
    }

    internal static Argument<string> FileArgument() => new("FILE") { Description = "A graft file." };

    internal static GraftFileResult Read(string path)
    {
        try
        {
            using var stream = File.OpenRead(path);
            // One byte beyond the limit is enough to know that the file is too large, whatever its length claims.
            var bytes = new byte[GraftFileLimits.Bytes + 1];
            var length = stream.ReadAtLeast(bytes, bytes.Length, throwOnEndOfStream: false);
            return GraftFile.Read(bytes.AsMemory(0, length));
        }
        catch (Exception exception) when (exception is IOException or UnauthorizedAccessException or ArgumentException or NotSupportedException)
        {
            return new GraftFileResult(null, [new FileError(path, exception.Message.TrimEnd('.'), "a file that can be read")], []);
        }
    }

    internal static void Complain(GraftFileResult result, TextWriter error)
    {
        foreach (var problem in result.Errors) error.WriteLine(problem);
    }
}
