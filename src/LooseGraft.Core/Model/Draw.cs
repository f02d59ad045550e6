using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What a part takes from one rail.</summary>
/// <param name="Rail">Name of the rail.</param>
/// <param name="Idle">On, doing nothing.</param>
/// <param name="Typical">Ordinary use.</param>
/// <param name="Peak">The most it takes for minutes on end.</param>
/// <param name="Evidence">Where the figures come from.</param>
public sealed record Draw(string Rail, Spread<Amps> Idle, Spread<Amps> Typical, Spread<Amps> Peak, Evidence Evidence)
{
    /// <summary>The port that it enters by, apart from all others of the part: a processor's socket, one of a card's two. Null where it enters by any that
    /// carries the rail.</summary>
    public string? Socket { get; init; }

    /// <summary>Whether the part takes the same watts whatever the voltage, as converters on a board do: then it takes more amperes where less voltage is
    /// left. The amperes are those at the nominal voltage of the rail.</summary>
    public bool HoldsPower { get; init; }

    /// <summary>Where the figures were found, or what they leave out.</summary>
    public string? Note { get; init; }

    /// <summary>What it takes for the second in which it starts; null where that is no more than in ordinary use.</summary>
    public Spread<Amps>? Start { get; init; }

    /// <summary>What it takes for milliseconds now and then; null where that is no more than at peak.</summary>
    public Spread<Amps>? Spike { get; init; }

    /// <summary>What it takes in the second in which it starts.</summary>
    /// <param name="factor">How many times its peak that is where nothing is said: 2 for fans; 1 where it is no more than in ordinary use.</param>
    public Spread<Amps> Starting(double factor) => Start ?? (factor == 1 ? Typical : Peak.Rising(amps => new Amps(amps.Value * factor)));

    /// <summary>This and another draw from the same rail as one.</summary>
    public Draw With(Draw other) => this with
    {
        Idle = Idle + other.Idle,
        Typical = Typical + other.Typical,
        Peak = Peak + other.Peak,
        Start = Start is null && other.Start is null ? null : Starting(1) + other.Starting(1),
        Spike = Spike is null && other.Spike is null ? null : (Spike ?? Peak) + (other.Spike ?? other.Peak),
        HoldsPower = HoldsPower && other.HoldsPower,
        Evidence = new[] { Evidence, other.Evidence }.Weakest(),
    };

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
