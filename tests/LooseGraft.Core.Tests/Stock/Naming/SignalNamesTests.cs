using CsCheck;
using LooseGraft.Core.Stock.Naming;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Stock.Naming;

public sealed class SignalNamesTests
{
    private static readonly string[] Separators = ["", " ", "_", "-", ".", "  "];
    private static readonly PortSort[] Sorts = Enum.GetValues<PortSort>();
    private static readonly HashSet<string> Asked = [.. AskedName.All.SelectMany(asked => asked.Names).Select(SignalKey.Of)];

    [Theory]
    [InlineData("COM", "ground")]
    [InlineData("GND", "ground")]
    [InlineData("0V", "ground")]
    [InlineData("HDD LED+", "drive-light+")]
    [InlineData("Power LED-", "power-light-")]
    [InlineData("Power LED minus", "power-light-")]
    [InlineData("power switch", "power-switch")]
    [InlineData("PWR_SW", "power-switch")]
    [InlineData("PWR.BTN#", "power-switch")]
    [InlineData("Tach", "fan-tacho")]
    [InlineData("D1-", "usb1-data-")]
    [InlineData("USB1 Data +", "usb1-data+")]
    [InlineData("N.C.", "none")]
    [InlineData("12VSB", "+12 V standby")]
    [InlineData("5V_STBY", "+5 V standby")]
    [InlineData("+5 VSB", "+5 V standby")]
    [InlineData("5 V STB", "+5 V standby")]
    [InlineData("3V3", "+3.3 V")]
    [InlineData("3.3 volts", "+3.3 V")]
    [InlineData("+12 V DC", "+12 V")]
    [InlineData("-12V", "-12 V")]
    // Rails of 12 V are numbered; tenths of other supplies are not rails.
    [InlineData("+12V1", "+12 V")]
    [InlineData("12V4", "+12 V")]
    [InlineData("12V5", "+12.5 V")]
    [InlineData("5V1", "+5.1 V")]
    [InlineData("VBUS", "+5 V")]
    [InlineData("\"vcc\"", "supply")]
    [InlineData("\"my data\"", "my data")]
    public void Names_are_understood_as_people_type_them(string typed, string signal)
        => Assert.Equal(signal, Assert.IsType<SignalReading.Understood>(SignalNames.Read(typed, PortSort.Other)).Signal!.Name);

    [Fact]
    public void Every_spelling_of_what_is_understood_lands_on_one_signal()
    {
        var spelt = from entry in SignalVocabulary.Standard.Entries
                    from name in entry.Aliases.Concat(entry.Typed).Prepend(entry.Name)
                    where !Asked.Contains(SignalKey.Of(name))
                    select (name, entry.Name);
        Gen.Select(Gen.OneOf(spelt.ToArray()), Gen.OneOf(Sorts), Gen.OneOf(Separators), Gen.Int[0, 3], Gen.Bool)
            .Hold((pair, sort, separator, letters, hash) =>
            {
                var read = SignalNames.Read(Spelt(pair.name, separator, letters, hash), sort);
                Assert.Equal(pair.Item2, Assert.IsType<SignalReading.Understood>(read).Signal!.Name);
            }, iter: 20_000);
    }

    [Fact]
    public void What_is_printed_for_several_things_is_asked_in_every_spelling_on_every_connector()
    {
        var names = AskedName.All.Where(asked => asked.Only.Count == 0)
            .SelectMany(asked => asked.Names).Where(name => SignalVocabulary.Standard.Find(name)?.Name != name).ToArray();
        Assert.Empty("vcc,vdd,sense,pwr,data".Split(',').Except(names));
        Gen.Select(Gen.OneOf(names), Gen.OneOf(Sorts), Gen.OneOf(Separators), Gen.Int[0, 3], Gen.Bool)
            .Hold((name, sort, separator, letters, hash) =>
            {
                var asked = Assert.IsType<SignalReading.Asked>(SignalNames.Read(Spelt(name, separator, letters, hash), sort));
                Assert.Null(asked.Signal);
                Assert.InRange(asked.Possible.Length, 2, 12);
                Assert.Equal(Model.Signal.Unknown, asked.Possible[^1]);
            }, iter: 20_000);
    }

    [Theory]
    [InlineData("SENSE", PortSort.Fan, "fan-tacho, panel-sense, unknown")]
    [InlineData("Sense", PortSort.Power, "+3.3 V, ground, unknown")]
    [InlineData("VCC", PortSort.Usb, "+5 V, supply, unknown")]
    [InlineData("VCC", PortSort.Power, "+5 V, +12 V, +3.3 V, supply, unknown")]
    [InlineData("VDD", PortSort.Fan, "+12 V, supply, unknown")]
    [InlineData("PWR", PortSort.Panel, "power-switch, power-light+, power-light-, ground, supply, unknown")]
    [InlineData("DATA", PortSort.Keyboard, "keyboard-data, unknown")]
    [InlineData("hdd led", PortSort.Panel, "drive-light+, drive-light-, unknown")]
    [InlineData("Power Switch -", PortSort.Panel, "ground, power-switch, unknown")]
    [InlineData("COM", PortSort.Switch, "power-switch, reset-switch, spare-switch, ground, none, unknown")]
    [InlineData("12", PortSort.Other, "+12 V, unknown")]
    [InlineData("0", PortSort.Other, "unknown")]
    public void It_is_asked_with_what_such_a_connector_can_mean(string typed, PortSort sort, string choices)
        => Assert.Equal(choices, string.Join(", ", Assert.IsType<SignalReading.Asked>(SignalNames.Read(typed, sort)).Choices.Select(signal => signal.Name)));

    [Theory]
    [InlineData("HDLED1+", "drive-light+")]
    [InlineData("grond", "ground")]
    [InlineData("power swicth", "power-switch")]
    [InlineData("fan tahco", "fan-tacho")]
    public void What_nobody_knows_is_a_name_of_ones_own_with_the_nearest_beside_it(string typed, string nearest)
    {
        var own = Assert.IsType<SignalReading.Own>(SignalNames.Read(typed, PortSort.Other));
        Assert.Equal((typed.ToLowerInvariant(), nearest), (own.Signal!.Name, own.Nearest[0].Name));
        Assert.InRange(own.Nearest.Length, 1, 4);
    }

    [Fact]
    public void A_supply_with_something_to_it_is_no_name_and_has_the_supply_beside_it()
        => Assert.Equal("+3.3 V", Assert.IsType<SignalReading.Impossible>(SignalNames.Read("+3.3V sense", PortSort.Power)).Choices[0].Name);

    [Fact]
    public void A_name_like_no_other_has_nothing_near_it() => Assert.Empty(SignalNames.Read("zebra crossing", PortSort.Other).Choices);

    [Theory]
    [InlineData("")]
    [InlineData("§ 5")]
    [InlineData("\"\"")]
    [InlineData("+1e309 V")]
    [InlineData("600 V")]
    public void What_can_be_no_name_is_none(string typed) => Assert.IsType<SignalReading.Impossible>(SignalNames.Read(typed, PortSort.Other));

    [Fact]
    public void Sixty_characters_are_read_and_no_more()
    {
        Assert.IsType<SignalReading.Understood>(SignalNames.Read($"{new string('_', 57)}gnd", PortSort.Other));
        Assert.IsType<SignalReading.Impossible>(SignalNames.Read($"{new string('_', 58)}gnd", PortSort.Other));
    }

    [Fact]
    public void No_spelling_is_that_of_two_signals_nor_both_understood_and_asked()
    {
        var owners = from entry in SignalVocabulary.Standard.Entries
                     from name in entry.Aliases.Concat(entry.Typed).Prepend(entry.Name)
                     group entry.Name by SignalKey.Of(name);
        Assert.All(owners, owner => Assert.Single(owner.Distinct()));
        Assert.DoesNotContain(SignalVocabulary.Standard.Entries.SelectMany(entry => entry.Typed).Select(SignalKey.Of),
            key => Asked.Contains(key) && key != "com");
        Assert.All(AskedName.All.SelectMany(asked => asked.Choices), choice => Assert.Equal(choice.Signal, Signal(choice.Signal).Name));
        // A name whose letters alone are known otherwise would never be asked.
        Assert.All(AskedName.All.SelectMany(asked => asked.Names), name => Assert.IsType<SignalReading.Asked>(SignalNames.Read(name, PortSort.Switch)));
    }

    [Theory]
    [InlineData("fan-4", "x", PartKind.Board, PortSort.Fan)]
    [InlineData("pin-header", "fan header", PartKind.Board, PortSort.Fan)]
    [InlineData("pin-header", "wires", PartKind.Fan, PortSort.Fan)]
    [InlineData("panel-header", "x", PartKind.Board, PortSort.Panel)]
    [InlineData("usb2-header", "front panel", PartKind.Board, PortSort.Usb)]
    [InlineData("audio-header", "x", PartKind.Board, PortSort.Audio)]
    [InlineData("card-slot-1", "x", PartKind.Board, PortSort.Slot)]
    [InlineData("atx-main-24", "x", PartKind.Supply, PortSort.Power)]
    [InlineData("power-block", "x", PartKind.Board, PortSort.Power)]
    [InlineData("pin-header", "x", PartKind.Board, PortSort.Other)]
    [InlineData("loose-ends", "legs", PartKind.Switch, PortSort.Switch)]
    public void What_a_connector_is_for_is_told_by_its_kind_or_its_name(string type, string name, PartKind kind, PortSort sort)
        => Assert.Equal(sort, PortSorts.Of(new Port("p", name, ConnectorTypes.Find(type)!, Gender.Male), kind));

    [Fact]
    public void What_is_described_tells_what_a_connector_is_for() => Assert.Equal(PortSort.Fan, PortSorts.Of(Header("ground,+12 V,fan-tacho"), PartKind.Board));

    // The sign at the end stays one; everything between letters may be spelt in any way.
    private static string Spelt(string name, string separator, int letters, bool hash)
    {
        if (name == "?") return name;
        var (stem, sign) = name.Length > 1 && name[^1] is '+' or '-' ? (name[..^1], name[^1..]) : (name.TrimEnd('#'), "");
        var spelt = string.Concat(stem.Index().Select(pair => " _-./".Contains(pair.Item) && !IsPoint(stem, pair.Index) ? separator : $"{pair.Item}"));
        spelt = letters switch { 0 => spelt, 1 => spelt.ToUpperInvariant(), 2 => $" {spelt} ", _ => char.ToUpperInvariant(spelt[0]) + spelt[1..] };
        return spelt.TrimEnd() + sign + (hash ? "#" : "");
    }

    private static bool IsPoint(string text, int index)
        => text[index] == '.' && index > 0 && index + 1 < text.Length && char.IsAsciiDigit(text[index - 1]) && char.IsAsciiDigit(text[index + 1]);
}
