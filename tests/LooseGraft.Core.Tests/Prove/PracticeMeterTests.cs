using LooseGraft.Core.Prove.Meters;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Prove;

public sealed class PracticeMeterTests
{
    private static readonly Graft Truth = Graft.Empty("truth") with
    {
        Parts =
        [
            Board(Header("+5 V,ground,lid-sense,+5 V standby,none,+5 V")),
            Shell(Plug("power-switch,power-switch,power-light+,power-light-,spare-switch,spare-switch")
                .With(new Pin(5) { Signal = new(Signal("spare-switch"), Evidence.Measured, "latching") })
                .With(new Pin(6) { Signal = new(Signal("spare-switch"), Evidence.Measured, "latching") })),
        ],
    };

    [Theory]
    [InlineData("header", 1, null, MeterMode.VoltsDc, PowerState.On, SwitchAct.AtRest, 5)]
    [InlineData("header", 1, null, MeterMode.VoltsDc, PowerState.Standby, SwitchAct.AtRest, 0)]
    [InlineData("header", 4, null, MeterMode.VoltsDc, PowerState.Standby, SwitchAct.AtRest, 5)]
    [InlineData("header", 2, 1, MeterMode.VoltsDc, PowerState.On, SwitchAct.AtRest, -5)]
    [InlineData("header", 5, null, MeterMode.VoltsDc, PowerState.On, SwitchAct.AtRest, 0)]
    public async Task Volts_come_from_the_truth_with_a_little_noise(
        string port, int red, int? black, MeterMode mode, PowerState power, SwitchAct act, double volts)
        => Assert.Equal(volts, ReadingText.TryRead((await AskAsync("board", port, red, black, mode, power, act)).Text)!.Value.Value, 0.1);

    [Theory]
    [InlineData("board", "header", 2, null, MeterMode.Beep, SwitchAct.AtRest, "beep")]
    [InlineData("board", "header", 1, 6, MeterMode.Beep, SwitchAct.AtRest, "beep")] // one rail on two contacts
    [InlineData("board", "header", 1, null, MeterMode.Beep, SwitchAct.AtRest, "no beep")]
    [InlineData("board", "header", 5, null, MeterMode.Ohms, SwitchAct.AtRest, "OL")]
    [InlineData("shell", "plug", 1, 2, MeterMode.Beep, SwitchAct.AtRest, "no beep")]
    [InlineData("shell", "plug", 1, 2, MeterMode.Beep, SwitchAct.Held, "beep")]
    [InlineData("shell", "plug", 1, 2, MeterMode.Beep, SwitchAct.PressedOnce, "no beep")]
    [InlineData("shell", "plug", 5, 6, MeterMode.Beep, SwitchAct.PressedOnce, "beep")] // the latching key stays
    [InlineData("shell", "plug", 4, 3, MeterMode.Diode, SwitchAct.AtRest, "OL")]
    public async Task Beeps_come_from_what_is_joined(string part, string port, int red, int? black, MeterMode mode, SwitchAct act, string text)
        => Assert.Equal(text, (await AskAsync(part, port, red, black, mode, PowerState.Off, act)).Text);

    [Fact]
    public async Task Ohms_with_power_on_come_with_a_warning()
        => Assert.Contains("Power is applied", (await AskAsync("board", "header", 2, null, MeterMode.Ohms, PowerState.On, SwitchAct.AtRest)).Problem);

    [Fact]
    public async Task An_ordinary_hand_slips_now_and_then_and_the_same_seed_slips_alike()
    {
        var first = await ManyAsync();
        Assert.Equal(first, await ManyAsync());
        Assert.Contains(first,
            answer => answer.Text is { } text && text.StartsWith("0.0", StringComparison.Ordinal) && answer.Problem is null); // a probe that did not touch
        Assert.Contains(first, answer => answer.Problem?.Contains("AC volts", StringComparison.Ordinal) == true);
        Assert.InRange(first.Count(
            answer => answer.Text!.StartsWith("4.9", StringComparison.Ordinal) || answer.Text.StartsWith("5.0", StringComparison.Ordinal)), 80, 195);
    }

    [Fact]
    public async Task A_contact_the_board_does_not_have_is_answered_in_words()
        => Assert.Contains("no such contact", (await AskAsync("board", "header", 9, null, MeterMode.VoltsDc, PowerState.On, SwitchAct.AtRest)).Problem);

    private static Task<MeterAnswer> AskAsync(string part, string port, int red, int? black, MeterMode mode, PowerState power, SwitchAct act)
        => new PracticeMeter(Truth, 1, PracticeSlips.Steady)
            .MeasureAsync(new(mode, new PortId(part, port), red, black, power, act), TestContext.Current.CancellationToken);

    private static async Task<List<MeterAnswer>> ManyAsync()
    {
        var meter = new PracticeMeter(Truth, 7, PracticeSlips.Ordinary);
        var answers = new List<MeterAnswer>();
        for (var turn = 0; turn < 200; turn++)
            answers.Add(await meter.MeasureAsync(
                new(MeterMode.VoltsDc, new PortId("board", "header"), 1, null, PowerState.On, SwitchAct.AtRest), TestContext.Current.CancellationToken));
        return answers;
    }
}
