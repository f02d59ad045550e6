using System.Text.Json;
using LooseGraft.Cli;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Tests.Findings;

/// <summary>What a program reads of a finding: its figures, for the graft that fires each rule.</summary>
public class FindingCaseTests
{
    private static readonly JsonSerializerOptions Options = new(ReviewJson.Options) { WriteIndented = false };

    // The figures of Wire and Feed come with the circuit and its currents.
    private static readonly Stage[] WithFigures = [Stage.Stock, Stage.Prove, Stage.Seat, Stage.Cool, Stage.Buy];

    private static readonly Dictionary<string, string> Expected = new()
    {
        ["BUY-001"] = """{"kind":"over-budget","spent":21,"over":1}""",
        ["BUY-002"] = """{"kind":"needs-open","open":1,"first":"own own-0"}""",
        ["BUY-003"] = """{"kind":"offer-is-old","offer":"nuts","days":31}""",
        ["BUY-004"] = """{"kind":"rate-missing","seller":"shop","currency":"USD"}""",
        ["BUY-005"] = """{"kind":"fits-nothing","ware":"part adapter-drive"}""",
        ["BUY-006"] = """{"kind":"lies-in-bin","need":"own own-0","entry":"spare-nuts","free":9}""",
        ["BUY-007"] = """{"kind":"unproven-fit","offer":"made","need":"for joint joint"}""",
        ["BUY-008"] = """{"kind":"postage-over-goods","seller":"shop","postage":1.01,"goods":1}""",
        ["BUY-009"] = """{"kind":"price-beyond","offer":"nuts","each":1.001,"low":0.03,"high":0.2}""",
        ["BUY-010"] = """{"kind":"packs-over","offer":"nuts","packs":1}""",
        ["BUY-011"] = """{"kind":"parcel-late","seller":"shop","days":1}""",
        ["BUY-013"] = """{"kind":"ordered-for-nothing","order":"order","what":"made"}""",
        ["BUY-014"] = """{"kind":"came-wrong","order":"order","what":"nuts","wrong":1,"lost":0,"joints":0}""",
        ["BUY-015"] = """{"kind":"order-overdue","order":"order","days":1}""",
        ["BUY-016"] = """{"kind":"gamble-beyond-budget","offer":"unlisted","laidOut":60,"room":59.99}""",
        ["BUY-012"] = """{"kind":"offer-sold-out","offer":"nuts","packs":1,"stock":0}""",
        ["COOL-001"] = """{"kind":"no-way-through","space":"box","openings":0,"heatWatts":30.8}""",
        ["COOL-002"] = """{"kind":"over-heat-limit","part":"board","hot":"chip","likelyCelsius":85.5,"highCelsius":85.5,"limitCelsius":85,"chance":1}""",
        ["COOL-003"] = """{"kind":"over-heat-limit","part":"board","hot":"chip","likelyCelsius":95.5,"highCelsius":95.5,"limitCelsius":95,"chance":1}""",
        ["COOL-004"] = """{"kind":"over-heat-limit","part":"board","hot":"chip","likelyCelsius":105.5,"highCelsius":105.5,"limitCelsius":105,"chance":1}""",
        ["COOL-005"] = """{"kind":"beyond-printed","heatWatts":50,"printedWatts":49.9}""",
        ["COOL-006"] = """{"kind":"cooler-in-still-air","part":"board","airLitresPerSecond":0.404,"wantsLitresPerSecond":5}""",
        ["COOL-007"] = """{"kind":"fans-fight","fan":"other","other":"fan","movesLitresPerSecond":-0.158014,"aloneLitresPerSecond":22.211236}""",
        ["COOL-008"] = """{"kind":"drinks-exhaust","way":"box/in","warmer":4.762}""",
        ["COOL-009"] = """{"kind":"fan-may-not-start","fan":"fan","getsVolts":6.99,"wantsVolts":7}""",
        ["COOL-010"] = """{"kind":"warm-air-harms","on":"board","harmed":"glue","likelyCelsius":66.948357,"highCelsius":74.145745,"mostCelsius":55}""",
        ["COOL-011"] = """{"kind":"over-heat-limit","part":"supply","hot":"supply-intake","likelyCelsius":43.731048,"highCelsius":47.693509,"limitCelsius":40,"chance":1}""",
        ["COOL-012"] = """{"kind":"filter-chokes","way":"low","part":"board","cooler":5.45}""",
        ["COOL-013"] = """{"kind":"heat-unknown","part":"board"}""",
        ["COOL-014"] = """{"kind":"heat-unknown","part":"fan"}""",
        ["COOL-015"] = """{"kind":"supply-shut-in","part":"supply","airLitresPerSecond":0}""",
        ["COOL-016"] = """{"kind":"heat-unknown","part":"board"}""",
        ["COOL-017"] = """{"kind":"no-one-rest","apart":66.178}""",
        ["COOL-018"] = """{"kind":"heat-unknown","part":"fan"}""",
        ["COOL-019"] = """{"kind":"read-against-model","readCelsius":99.5,"lowCelsius":90,"highCelsius":90}""",
        ["COOL-020"] = """{"kind":"read-against-model","readCelsius":78,"lowCelsius":52.388758,"highCelsius":52.388758}""",
        ["COOL-021"] = """{"kind":"read-beyond-limit","part":"board","hot":"chip","readCelsius":85.1,"limitCelsius":85}""",
        ["COOL-022"] = """{"kind":"heat-school-refuses","school":"thumb"}""",
        ["COOL-023"] = """{"kind":"wall-too-warm","space":"box","material":"wood","likelyCelsius":81.35891,"highCelsius":83.71124,"limitCelsius":70}""",
        ["COOL-024"] = """{"kind":"cooler-held","part":"board","fit":"does-not-meet"}""",
        ["COOL-025"] = """{"kind":"cooler-held","part":"board","fit":"improvised"}""",
        ["COOL-026"] = """{"kind":"blades-reached","fan":"fan","gapMillimetres":4.9}""",
        ["PROVE-001"] = """{"kind":"reading-contradicts","reading":"reading","said":"+5 V","read":"beep","suggests":"ground"}""",
        ["PROVE-002"] = """{"kind":"readings-disagree","first":"reading","firstRead":{"kind":"no-beep","value":0,"isJoined":false},"last":"again","lastRead":{"kind":"beep","value":0,"isJoined":true}}""",
        ["PROVE-003"] = """{"kind":"irreversible-before-life","joint":"joint","method":"splice"}""",
        ["PROVE-004"] = """{"kind":"no-sign-of-life"}""",
        ["SEAT-001"] = """{"kind":"lies-beneath","thing":"tab","board":"board","gapMillimetres":-1}""",
        ["SEAT-002"] = """{"kind":"lies-beneath","thing":"tab","board":"board","gapMillimetres":-3}""",
        ["SEAT-003"] = """{"kind":"mount-uneven","mount":"s1","lowerMillimetres":1}""",
        ["SEAT-004"] = """{"kind":"hole-undecided","hole":4,"nearestOffMillimetres":null}""",
        ["SEAT-005"] = """{"kind":"method-wrong","hole":4,"method":"drill-and-tap"}""",
        ["SEAT-006"] = """{"kind":"span-unsupported","farMillimetres":75.166482,"mostMillimetres":60}""",
        ["SEAT-007"] = """{"kind":"nothing-grounds","board":"board","plane":"tray"}""",
        ["SEAT-008"] = """{"kind":"beyond-plane","board":"board","plane":"tray","beyondMillimetres":5}""",
        ["SEAT-009"] = """{"kind":"shape-unknown","board":"board"}""",
        ["SEAT-010"] = """{"kind":"port-without-opening","port":"board/usb","wall":"rear","farMillimetres":0}""",
        ["SEAT-011"] = """{"kind":"ports-miss-opening","opening":"opening","beyondMillimetres":15}""",
        ["SEAT-012"] = """{"kind":"plate-undecided","opening":"opening","gapMillimetres":0}""",
        ["SEAT-013"] = """{"kind":"same-room","one":"cage","other":"card","tooMuchMillimetres":30}""",
        ["SEAT-014"] = """{"kind":"too-close","one":"one","other":"other","gapMillimetres":2,"neededMillimetres":3}""",
        ["SEAT-015"] = """{"kind":"under-lid","body":"cooler","topMillimetres":43.1,"freeMillimetres":40,"isLid":true}""",
        ["SEAT-016"] = """{"kind":"lead-short","lead":"lead","neededMillimetres":200,"hadMillimetres":195}""",
        ["SEAT-017"] = """{"kind":"lead-tight","lead":"lead","neededMillimetres":200,"hadMillimetres":205}""",
        ["SEAT-018"] = """{"kind":"lead-unmeasured","lead":"lead","neededMillimetres":200}""",
        ["SEAT-019"] = """{"kind":"distance-inconsistent","from":"h1","to":"left","readMillimetres":5,"othersMillimetres":2}""",
        ["SEAT-020"] = """{"kind":"points-loose","points":["h3"]}""",
        ["SEAT-022"] = """{"kind":"nothing-holds","board":"board"}""",
        ["SEAT-023"] = """{"kind":"through-wall","body":"card","plane":"tray","beyondMillimetres":20}""",
        ["SEAT-024"] = """{"kind":"mains-near","mains":"inlet","gapMillimetres":5}""",
        ["SEAT-025"] = """{"kind":"lies-beneath","thing":"bracket","board":"board","gapMillimetres":1}""",
        ["SEAT-026"] = """{"kind":"cut-takes-away","opening":"vent","thing":"s1","missingMillimetres":1}""",
        ["SEAT-027"] = """{"kind":"slots-missing","card":"card","wants":2,"has":1}""",
        ["SEAT-028"] = """{"kind":"screw-unsuited","hole":1,"thread":"M3","mount":"s1"}""",
        ["SEAT-029"] = """{"kind":"screw-length","hole":1,"lengthMillimetres":3,"leastMillimetres":3.1,"mostMillimetres":null}""",
        ["SEAT-030"] = """{"kind":"drive-unsuited","box":"drive","form":"2.5"}""",
        ["SEAT-031"] = """{"kind":"aerial-shielded","aerial":"aerial","metal":"tray","gapMillimetres":6}""",
        ["SEAT-032"] = """{"kind":"card-loose","card":"card"}""",
        ["SEAT-033"] = """{"kind":"seat-unproven","board":"board","mounts":4,"isOutline":false}""",
        ["SEAT-034"] = """{"kind":"typed-contradicted","from":"h1","to":"h2","typedMillimetres":90,"measuredMillimetres":92}""",
        ["SEAT-035"] = """{"kind":"plate-unsuited","opening":"opening","beyondMillimetres":2}""",
        ["SEAT-021"] = """{"kind":"opening-empty","opening":"opening","plane":"tray"}""",
        ["STOCK-001"] = """{"kind":"need-unmet","duty":"cooler-mount"}""",
        ["STOCK-002"] = """{"kind":"left-off-unexplained","duty":"speaker"}""",
        ["STOCK-003"] = """{"kind":"old-case-unasked","open":7,"asked":7}""",
        ["STOCK-004"] = """{"kind":"revision-unsure","part":"board","revision":"A"}""",
    };

    public static TheoryData<string> Codes => [.. Stages.Rules.Where(rule => WithFigures.Contains(rule.Stage)).Select(rule => rule.Code)];

    [Theory]
    [MemberData(nameof(Codes))]
    public void A_finding_gives_its_figures(string code)
    {
        var finding = RuleExamples.Seen(RuleExamples.Firing.Single(example => example.Code == code).Graft).Findings.First(finding => finding.Rule.Code == code);
        Assert.Equal(Expected[code], FiguresJson.Of(Assert.IsType<FindingCase>(finding.Case, exactMatch: false), Options).ToJsonString(Options));
    }

    [Fact]
    public void No_finding_of_a_stage_with_figures_lacks_them()
        => Assert.All(RuleExamples.Firing.SelectMany(example => Review.Of(example.Graft).Findings).Where(finding => WithFigures.Contains(finding.Rule.Stage)),
            finding => Assert.NotNull(finding.Case));
}
