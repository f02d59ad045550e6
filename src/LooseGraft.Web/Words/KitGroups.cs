using LooseGraft.Core.Facts;

namespace LooseGraft.Web.Words;

/// <summary>Usual things in the groups in which one looks for them.</summary>
public static class KitGroups
{
    /// <summary>Connectors of a board first.</summary>
    public static IReadOnlyList<(string Name, IEnumerable<(string Id, string Name)> Things)> All { get; } =
    [
        ("On the board", UsualPort.All.Select(port => (port.Id, port.Name))),
        ("What feeds it", Of(PartKind.Supply, PartKind.Brick, PartKind.Converter, PartKind.PassThrough)),
        ("Adapters", Of(PartKind.Adapter)),
        ("The case's front and leads", Of(PartKind.Panel, PartKind.Lead, PartKind.Switch, PartKind.Lamp, PartKind.Speaker)),
        ("Fans and coolers", Of(PartKind.Fan, PartKind.Cooler)),
        ("Cards, drives and the rest", Of(PartKind.Card, PartKind.Drive, PartKind.Microcontroller, PartKind.Other)),
        ("Whole boards", Of(PartKind.Board)),
    ];

    private static IEnumerable<(string Id, string Name)> Of(params PartKind[] kinds)
        => PartTemplate.All.Where(part => kinds.Contains(part.Kind)).OrderBy(part => Array.IndexOf(kinds, part.Kind)).Select(part => (part.Id, part.Name));
}
