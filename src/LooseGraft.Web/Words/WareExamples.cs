using LooseGraft.Core.Facts;

namespace LooseGraft.Web.Words;

/// <summary>What is offered while a ware is typed.</summary>
public static class WareExamples
{
    /// <summary>One of each sort, then every usual adapter, lead and fan.</summary>
    public static IReadOnlyList<string> All { get; } =
    [
        "screw M3 6 mm", "screw 6-32 6 mm", "standoff M3 6.5 mm", "nut M3", "insert M3", "stud", "tie", "glue slow epoxy", "sheet for a plate", "grommet fan pin", "paste",
        "fuse inline, 5 A or less", "wire black 22 AWG", "terminal 2.54 mm", "housing 1×4, 2.54 mm", "heat-shrink", "solder", "extension usb2-header 300 mm", "tool meter",
        .. PartTemplate.All.Where(template => template.Kind is PartKind.Adapter or PartKind.Lead or PartKind.Fan or PartKind.Supply or PartKind.Brick)
            .Select(template => Ware.Usual(template).ToString()),
    ];
}
