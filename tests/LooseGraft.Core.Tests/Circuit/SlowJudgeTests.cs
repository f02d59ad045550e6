using System.Text;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;
using LooseGraft.SlowJudge;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>The judge of nets against a second one that shares nothing with it but physics.</summary>
public sealed class SlowJudgeTests(ITestOutputHelper output)
{
    private const int First = 20261126;
    private static readonly int Times = int.Parse(
        Environment.GetEnvironmentVariable("PROPERTY_TIMES") ?? "1", System.Globalization.CultureInfo.InvariantCulture);

    [Fact]
    public void Nothing_that_dies_is_green_and_what_is_sound_raises_no_alarm()
    {
        var (sound, wrong, pairs) = (0, new List<string>(), new Dictionary<(RoleKind, RoleKind), int>());
        for (var seed = First; seed < First + (500 * Times); seed++)
        {
            var json = GraftMaker.Make(seed);
            var (verdict, why) = Judge.Of(json);
            var netlist = Wired(json);
            var conflicts = CircuitJudge.Judge(netlist);
            Count(netlist, pairs);
            var worst = conflicts.Length == 0 ? (Severity?)null : conflicts.Max(conflict => conflict.Severity);
            if (verdict == SlowVerdict.Sound) sound++;
            if (verdict switch { SlowVerdict.Harm => worst != Severity.Stop, SlowVerdict.Dead => worst is null or Severity.Note, _ => worst >= Severity.Fix })
                wrong.Add($"{seed}: {verdict} ({why}), but {worst?.ToString() ?? "green"}: {string.Join("; ", conflicts.Take(3).Select(Words))}");
        }

        output.WriteLine($"{sound} sound");
        foreach (var (pair, times) in pairs.OrderBy(pair => pair.Value)) output.WriteLine($"{times,6} {pair}");
        Assert.True(wrong.Count == 0, $"{wrong.Count} wrong\n" + string.Join("\n", wrong.Take(25)));
    }

    // How often two roles stand on one net.
    private static void Count(Netlist netlist, Dictionary<(RoleKind, RoleKind), int> pairs)
    {
        foreach (var net in new NetState(netlist, _ => true).Nets.Values)
        {
            var roles = net.Contacts.Select(contact => (contact.Role.Kind, contact.Part.Id)).Distinct().ToArray();
            foreach (var pair in from one in roles from other in roles where one != other && one.Kind <= other.Kind select (one.Kind, other.Kind))
                pairs[pair] = pairs.GetValueOrDefault(pair) + 1;
        }
    }

    private static Netlist Wired(string json)
    {
        var read = GraftFile.Read(Encoding.UTF8.GetBytes(json));
        var graft = read.Graft ?? throw new InvalidOperationException(string.Join("; ", read.Errors));
        return WiredCircuit.Of(graft, WireStage.Review(graft));
    }

    private static string Words(Conflict conflict)
        => $"{conflict.Kind} {conflict.Severity} {conflict.Giver.Id} {conflict.Giver.Signal} > {conflict.Taker.Id} {conflict.Taker.Signal}";
}
