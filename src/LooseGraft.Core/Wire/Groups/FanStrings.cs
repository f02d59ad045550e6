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
        var (running, starting) = (draws.Sum(draw => draw.Peak.High.Value), draws.Sum(draw => draw.Starting(FanStart.Factor).High.Value));
        var (own, usual) = (header.Limit?.Amps, header.Type.Port?.Amps ?? UsualLimit);
        var limit = own?.Value ?? usual;
        if (Math.Max(running, starting) <= limit) return null;
        var isOver = running > limit;
        var bears = own is null ? $"a fan header usually bears {usual:0.##} A{(isOver ? "" : "; some bear 2 A")}" : $"this header bears {own}";
        var words = $"takes up to {(isOver ? running : starting):0.##} A {(isOver ? "running" : "for the second in which it starts")}, and {bears}";
        return new Finding(WireRules.FanHeaderOverloaded, isOver ? Severity.Fix : Severity.Check, new PortSubject(header.Id),
            $"{header.Name} of {header.Part.Name}: {(fans.Length == 1 ? fans[0].Name : $"{fans.Length} fans together")} {words}.",
            draws.Select(draw => draw.Evidence).Weakest(),
            ["feed the fans from a drive plug through a hub, and take only control and tacho from the header", "spread them over more headers",
                "find the header's own limit in the board's document"]);
    }
}
