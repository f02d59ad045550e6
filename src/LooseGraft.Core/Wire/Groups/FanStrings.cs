using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>Fans that hang on one header, against what the header bears.</summary>
internal static class FanStrings
{
    // What a fan header of no known type bears: about an ampere (common practice).
    private const double UsualLimit = 1;

    public static IEnumerable<Finding> Of(Graft graft, Hanging hanging)
        => from header in hanging.Ports
           where header.Part.Kind == PartKind.Board && IsForFans(header)
           let fans = header.Of(SignalFamily.Supply).SelectMany(hanging.Others).Select(contact => contact.Part).Where(part => part.Kind == PartKind.Fan)
               .DistinctBy(part => part.Id).ToArray()
           where fans.Length > 0
           let finding = Told(graft, header, fans)
           where finding is not null
           select finding;

    private static bool IsForFans(HangingPort port) => port.Of(SignalFamily.Fan).Any() || port.Type.Pinout.Contains("fan-tacho");

    private static Finding? Told(Graft graft, HangingPort header, Part[] fans)
    {
        var draws = fans.SelectMany(fan => graft.Loads.Where(load => load.Part == fan.Id)).SelectMany(load => load.Draws).ToArray();
        var (running, limit) = (draws.Sum(draw => draw.Peak.High.Value), header.Type.PortAmps ?? UsualLimit);
        if (running * FanStart.Factor <= limit) return null;
        var isOver = running > limit;
        var words = isOver
            ? $"takes up to {running:0.##} A running, and a fan header usually bears {limit:0.##} A"
            : $"takes up to {running * FanStart.Factor:0.##} A for the second in which it starts, and a fan header usually bears {limit:0.##} A; some bear 2 A";
        return new Finding(WireRules.FanHeaderOverloaded, isOver ? Severity.Fix : Severity.Check, new PortSubject(header.Id),
            $"{header.Name} of {header.Part.Name}: {(fans.Length == 1 ? fans[0].Name : $"{fans.Length} fans together")} {words}.",
            draws.Select(draw => draw.Evidence).Weakest(),
            ["feed the fans from a drive plug through a hub, and take only control and tacho from the header", "spread them over more headers",
                "find the header's own limit in the board's document"]);
    }
}
