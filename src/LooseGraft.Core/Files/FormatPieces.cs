using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Files;

/// <summary>The small values that the graft file is made of.</summary>
internal static class FormatPieces
{
    public const string IdPattern = "^[a-z0-9][a-z0-9-]{0,39}$";

    // Figures beyond these are not figures of anything on a bench; smaller absurdities are for the rules to point out.
    private const double MostFigure = 1_000_000;
    private const decimal MostMoney = 10_000_000;

    public static readonly TextCodec Id = new(
        40, pattern: IdPattern, patternWords: "small letters, digits and hyphens, 1 to 40, starting with a letter or digit");
    public static readonly IntegerCodec Gauge = new(GraftFileLimits.ThickestAwg, GraftFileLimits.ThinnestAwg);
    public static readonly TextCodec Name = new(GraftFileLimits.NameLength);
    public static readonly TextCodec Note = new(GraftFileLimits.NoteLength, isMultiline: true);
    public static readonly DateCodec Day = new();
    public static readonly NumberCodec Figure = new(-MostFigure, MostFigure);
    public static readonly TextCodec Currency = new(3, pattern: "^[A-Z]{3}$", patternWords: "a three-letter currency code such as EUR");

    public static readonly Codec<Money> Amount = new MappedCodec<decimal,
    Money>(new DecimalCodec(MostMoney), amount => new Money(amount), money => money.Amount);
    public static readonly Codec<Millimetres> Length = Quantity<Millimetres>(0.1, 10_000);
    public static readonly Codec<Volts> Level = Quantity<Volts>(-500, 500);
    public static readonly Codec<Amps> Current = Quantity<Amps>(-MostFigure, MostFigure);
    public static readonly Codec<Watts> Power = Quantity<Watts>(0, MostFigure);
    public static readonly Codec<Spread<Amps>> CurrentSpread = new SpreadCodec<Amps>(Figure);

    public static readonly Codec<Signal> AnySignal = new MappedCodec<string, Signal>(new TextCodec(40), Signal.Parse, signal => signal.Name,
        "a supply such as +12 V or +5 V standby, ground, none, unknown, a known signal, or a name of letters, digits, spaces and + - _ . / #");

    public static readonly Codec<Signal> SupplySignal = new MappedCodec<string, Signal>(new TextCodec(40),
        text => Signal.Parse(text) is { Family: SignalFamily.Supply } supply ? supply : null, signal => signal.Name,
        "a supply such as +12 V, -12 V or +5 V standby");

    public static readonly Codec<string> RailName = new MappedCodec<string, string>(new TextCodec(40),
        text => Signal.Parse(text) is { Family: SignalFamily.Supply } supply ? supply.Name : null, name => name,
        "the name of a rail such as +12 V, -12 V or +5 V standby");

    // A rail by its voltage, or as its label calls it.
    public static readonly Codec<string> OutputName = new MappedCodec<string, string>(
        new TextCodec(40), text => Rail.Numbered(text) ?? (Signal.Parse(text) is { Family: SignalFamily.Supply } supply ? supply.Name : text), name => name,
        "the name of a rail");

    public static readonly Codec<ScrewThread> Thread = new MappedCodec<string, ScrewThread>(new TextCodec(40), ScrewThread.Find, thread => thread.Name,
        $"one of {string.Join(", ", ScrewThread.Machine.Select(thread => thread.Name))}, self-tapping or wood with its diameter");

    public static readonly Codec<Screw> AnyScrew = new MappedCodec<string, Screw>(new TextCodec(60), Screw.Parse, screw => screw.ToString(), Screw.Pattern);

    public static readonly Codec<DriveForm> Drive = new MappedCodec<string, DriveForm>(new TextCodec(10), DriveForm.Find, form => form.Name,
        "one of " + string.Join(", ", DriveForm.All.Select(form => form.Name)));

    public static readonly Codec<PortId> PortName = new MappedCodec<string, PortId>(new TextCodec(81), text => PortId.Parse(text), port => port.ToString(),
        "a port written part/port, such as kt31/panel");

    public static readonly Codec<ConnectorType> Connector = new MappedCodec<string, ConnectorType>(new TextCodec(40), ConnectorTypes.Find, type => type.Id,
        "one of " + string.Join(", ", ConnectorTypes.All.Select(type => type.Id)));

    public static readonly Codec<Evidence> Grade = new ChoiceCodec<Evidence>();

    public static MappedCodec<double, T> Quantity<T>(double least, double most)
        where T : struct, IUnitQuantity<T>
        => new(new NumberCodec(least, most), value => T.Of(value), quantity => quantity.Value);
}
