using System.Globalization;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>Where the judge of nets and the rules for contacts by name disagree, over all demos and small grafts: listed, and looked at line by line, before
/// the one takes the other's place.</summary>
public sealed class CircuitDifferencesTests
{
    private static readonly string Kept = Path.Combine(House.Root.Folder("tests"), "golden", "circuit-differences.txt");

    [Fact]
    public void Both_judges_differ_where_it_is_listed_and_nowhere_else()
    {
        var said = string.Concat(GoldenTests.Reviews.Select(row => row.Data).SelectMany(name => Differences(name, GoldenTests.Read(name))));
        if (Environment.GetEnvironmentVariable("RETAKE_DIFFERENCES") is not null) File.WriteAllText(Kept, said);
        Assert.Equal(File.ReadAllText(Kept), said);
    }

    private static IEnumerable<string> Differences(string name, Graft graft)
    {
        var review = WireStage.Review(graft);
        var byName = review.Findings.Where(finding => IsOfContacts(finding.Rule.Code)).ToArray();
        var byNet = CircuitJudge.Judge(WiredCircuit.Of(graft, review));
        if (Count(byName, Severity.Stop) == Count(byNet, Severity.Stop) && Count(byName, Severity.Fix) == Count(byNet, Severity.Fix)) yield break;
        yield return string.Create(CultureInfo.InvariantCulture,
            $"{name}: by name {Count(byName, Severity.Stop)} stop {Count(byName, Severity.Fix)} fix, by net {Count(byNet, Severity.Stop)} stop {Count(byNet, Severity.Fix)} fix\n");
        foreach (var finding in byName.Where(finding => finding.Severity >= Severity.Fix))
            yield return $"  - {finding.Rule.Code} {finding.Severity} {finding.Subject}\n";
        foreach (var conflict in byNet.Where(conflict => conflict.Severity >= Severity.Fix))
            yield return $"  + {conflict.Kind} {conflict.Severity} {conflict.Giver.Id} {conflict.Giver.Signal} > {conflict.Taker.Id} {conflict.Taker.Signal}\n";
    }

    // WIRE-010 to WIRE-019 and WIRE-050 are what the nets will say.
    private static bool IsOfContacts(string code) => code.StartsWith("WIRE-01", StringComparison.Ordinal) || code == "WIRE-050";

    private static int Count(IEnumerable<Finding> findings, Severity severity) => findings.Count(finding => finding.Severity == severity);

    private static int Count(IEnumerable<Conflict> conflicts, Severity severity) => conflicts.Count(conflict => conflict.Severity == severity);
}
