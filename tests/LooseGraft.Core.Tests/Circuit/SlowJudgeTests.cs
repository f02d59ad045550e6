using System.Globalization;
using System.Text;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;
using LooseGraft.SlowJudge;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>The judge of nets against a second one that shares nothing with it but physics.</summary>
/// <remarks><c>tools/long</c> tries other seeds, and more.</remarks>
public sealed class SlowJudgeTests(ITestOutputHelper output)
{
    private const int Grafts = 500;
    private const int OfEachPair = 30;
    private const double LeastSound = 0.4;
    private const double MostFalseAlarms = 0.002;

    private static readonly int Times = int.Parse(Environment.GetEnvironmentVariable("PROPERTY_TIMES") ?? "1", CultureInfo.InvariantCulture);
    private static readonly int First = int.Parse(Environment.GetEnvironmentVariable("PROPERTY_SEED") ?? "20261126", CultureInfo.InvariantCulture);

    [Fact]
    public void Nothing_that_dies_is_green_and_what_is_sound_raises_no_alarm() => Compare(GraftMaker.Make);

    [Fact]
    public void Nor_with_resistors_lights_diodes_coils_and_contacts_that_open() => Compare(GraftMaker.MakeWithElements);

    private void Compare(Func<int, string> make)
    {
        var tried = Enumerable.Range(First, Grafts * Times).Select(seed => new Trial($"{seed}", make(seed))).ToArray();
        var greens = tried.Where(trial => trial.IsFalseGreen).Select(trial => trial.Words).ToArray();
        Assert.True(greens.Length == 0, string.Join("\n", greens));
        var sound = tried.Count(trial => trial.Verdict == SlowVerdict.Sound);
        output.WriteLine($"{sound} of {tried.Length} are sound");
        Assert.True(sound >= LeastSound * tried.Length);
        var alarms = tried.Where(trial => trial.IsFalseAlarm).Select(trial => trial.Words).ToArray();
        Assert.True(alarms.Length <= MostFalseAlarms * sound, string.Join("\n", alarms));
    }

    [Fact]
    public void Every_pair_of_roles_is_judged_as_its_physics_says()
    {
        var pairs = (from one in PairMaker.Roles from other in PairMaker.Roles where string.CompareOrdinal(one, other) <= 0 select (one, other)).ToArray();
        var wrong = new List<string>();
        foreach (var (one, other) in pairs)
        {
            var tried = Enumerable.Range(0, OfEachPair * Times).Select(index => new Trial($"{one} {other} {index}", PairMaker.Make(one, other, First + index)))
                .ToArray();
            output.WriteLine($"{one,8} {other,8} {tried.Length,4} tried: {string.Join(", ", tried.GroupBy(trial => trial.Verdict).OrderBy(same => same.Key).Select(same => $"{same.Count()} {same.Key}"))}");
            wrong.AddRange(tried.Where(trial => trial.IsFalseGreen || trial.IsFalseAlarm).Select(trial => trial.Words));
        }

        Assert.True(wrong.Count == 0, string.Join("\n", wrong));
    }

    [Fact]
    public void A_wire_that_kills_by_itself_is_told_where_it_is()
        => Assert.All(Enumerable.Range(First, Grafts * Times), seed =>
        {
            var review = WireStage.Review(GraftFile.Read(Encoding.UTF8.GetBytes(GraftMaker.Make(seed))).Graft!);
            foreach (var joint in review.Joints)
            {
                Assert.All(joint.Decided.Where(contact => Kills(joint, contact)),
                    contact => Assert.True(contact.Judgement.IsStop, $"{seed}: {joint.Joint.Id} {contact}"));
            }
        });

    private static bool Kills(JointReview joint, JointContact contact)
    {
        var (from, to) = (joint.From.At(contact.From), joint.To.At(contact.To));
        return from.Role.Kind != RoleKind.Passive && to.Role.Kind != RoleKind.Passive && ContactRules.Judge(from, to).IsStop
            // Seven volts between two supplies is a caution.
            && contact.Judgement.Conflict != ConflictKind.BetweenSupplies
            // What a part joins inside already does nothing new when a wire joins it again.
            && !(from.Role.Kind is RoleKind.Source or RoleKind.Rail or RoleKind.Load && joint.From.Part.Id == joint.To.Part.Id && from.Signal == to.Signal);
    }

    private sealed class Trial
    {
        private readonly string _name;
        private readonly string _why;
        private readonly IReadOnlyList<Conflict> _conflicts;

        public Trial(string name, string json)
        {
            var read = GraftFile.Read(Encoding.UTF8.GetBytes(json));
            var graft = read.Graft ?? throw new InvalidOperationException(string.Join("; ", read.Errors));
            _name = name;
            (Verdict, _why) = Judge.Of(json);
            _conflicts = WireStage.Review(graft).Circuit.Conflicts;
        }

        public SlowVerdict Verdict { get; }

        public bool IsFalseGreen
            => Verdict switch { SlowVerdict.Harm => Worst != Severity.Stop, SlowVerdict.Dead => Worst is null or Severity.Note, _ => false };

        public bool IsFalseAlarm => Verdict == SlowVerdict.Sound && Worst >= Severity.Fix;

        public string Words => $"{_name}: {Verdict} ({_why}), but {Worst?.ToString() ?? "green"}: {CircuitBench.Words(_conflicts.Take(3))}";

        private Severity? Worst => _conflicts.Count == 0 ? null : _conflicts.Max(conflict => conflict.Severity);
    }
}
