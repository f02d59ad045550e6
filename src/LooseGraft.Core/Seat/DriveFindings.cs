using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on drives: their bays, and the screws that hold them.</summary>
internal static class DriveFindings
{
    // Sheet of a bay or a frame that the screw goes through (common practice).
    private const double SheetMm = 1;
    private const double SizeErrorMm = 1;

    public static IEnumerable<Finding> Of(Graft graft)
        => from box in graft.Seating.Boxes where box.Drive is not null from wrong in Wrong(box, box.Drive!) select Told(box, wrong);

    private static IEnumerable<(string Words, string[] Remedies)> Wrong(SeatBox box, DriveForm drive)
    {
        var name = $"{box.Name}, a {drive.Name} inch drive,";
        var sides = new[] { box.Area.Width, box.Area.Depth, box.Height.Value }.Order().ToArray();
        if (sides[2] < drive.LongMm - SizeErrorMm || sides[1] < drive.WideMm - SizeErrorMm)
            yield return ($"{name} is {Mm(drive.LongMm)} by {Mm(drive.WideMm)}, and less room is written down for it", ["measure it again"]);
        if (box.Bay is { } bay && Rank(bay) < Rank(drive)) yield return ($"{name} does not go into a bay of {bay.Name}", ["another bay", "hold it elsewhere"]);
        if (box.Bay is { } wide && Rank(wide) > Rank(drive) && !box.HasFrame)
            yield return ($"{name} finds no screw hole in a bay of {wide.Name}", [$"a frame from {drive.Name} to {wide.Name}, and say so in the list"]);
        if (box.Screw is not { } screw) yield break;
        var goesIn = screw.Length.Value - SheetMm;
        if (screw.Thread.Name != drive.Thread)
            yield return ($"{name} takes {drive.Thread}, and {screw.Thread.Name} tears its threads", [$"take {drive.Thread}"]);
        else if (goesIn > drive.DeepestMm)
            yield return ($"{screw} goes {Mm(goesIn)} into {box.Name} through {Mm(SheetMm)} of sheet, and beyond {Mm(drive.DeepestMm)} it may press on what is inside",
                [$"a screw of {Mm(drive.DeepestMm + SheetMm)} at the most, or a washer under its head"]);
        else if (goesIn < screw.Thread.LeastHoldMm)
            yield return ($"{screw} goes only {Mm(goesIn)} into {box.Name}, fewer than three threads", ["a longer screw"]);
    }

    private static int Rank(DriveForm form) => DriveForm.All.Index().First(pair => pair.Item == form).Index;

    private static Finding Told(SeatBox box, (string Words, string[] Remedies) wrong)
        => Finding.Of(SeatRules.DriveUnsuited, new BoxSubject(box.Id), wrong.Words + ".", Evidence.Assumed, [.. wrong.Remedies]) with
        { Case = new DriveUnsuited(box.Id, box.Drive!.Name) };
}
