using LooseGraft.Core.Circuit.Fans;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>Fans that hang on one header, against what the header bears.</summary>
internal static class FanStrings
{
    public static IEnumerable<Finding> Of(FanLines lines)
        => from header in lines.Headers
           where Math.Max(header.Running.Value, header.Starting.Value) > header.Limit.Value
           select Told(header);

    private static Finding Told(FanHeader header)
    {
        var isOver = header.Running > header.Limit;
        var bears = header.OwnLimit is { } own ? $"this header bears {own}" : $"a fan header usually bears {header.Limit.Value:0.##} A{(isOver ? "" : "; some bear 2 A")}";
        var words = $"takes up to {(isOver ? header.Running : header.Starting).Value:0.##} A {(isOver ? "running" : "for the second in which it starts")}, and {bears}";
        return new Finding(WireRules.FanHeaderOverloaded, isOver ? Severity.Fix : Severity.Check, new PortSubject(header.Id),
            $"{header.Port.Name} of {header.Board.Name}: {(header.Fans.Length == 1 ? header.Fans[0].Name : $"{header.Fans.Length} fans together")} {words}.",
            header.Evidence,
            ["feed the fans from a drive plug through a hub, and take only control and tacho from the header", "spread them over more headers",
                "find the header's own limit in the board's document"]);
    }
}
