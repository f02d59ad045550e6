using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit.Fans;

/// <summary>A header of a board that feeds fans, with everything that hangs on it.</summary>
/// <param name="Board">The board.</param>
/// <param name="Port">The header.</param>
/// <param name="Fans">The fans that its supply contacts reach, in the order of the graft's parts; at least one.</param>
/// <param name="Running">What they take together at peak, the high figures, in amperes; 0 where nobody said.</param>
/// <param name="Starting">The same for the second in which they start.</param>
/// <param name="Evidence">Where the weakest of those figures comes from.</param>
public sealed record FanHeader(Part Board, Port Port, ImmutableArray<Part> Fans, Amps Running, Amps Starting, Evidence Evidence)
{
    // What a fan header of no known type bears: about an ampere (common practice).
    private const double UsualLimit = 1;

    /// <summary>What it bears as its own document says; null where nobody said.</summary>
    public Amps? OwnLimit => Port.Limit?.Amps;

    /// <summary>What it bears: its own figure, or what is usual.</summary>
    public Amps Limit => OwnLimit ?? new Amps(Port.Type.Port?.Amps ?? UsualLimit);

    /// <summary>Its name for others.</summary>
    public PortId Id => new(Board.Id, Port.Id);

    internal static FanHeader Of(Graft graft, CircuitContact header, ImmutableArray<Part> fans)
    {
        var draws = fans.SelectMany(fan => graft.Loads.Where(load => load.Part == fan.Id)).SelectMany(load => load.Draws).ToArray();
        return new FanHeader(header.Part, header.Port, fans, new Amps(draws.Sum(draw => draw.Peak.High.Value)),
            new Amps(draws.Sum(draw => draw.Starting(FanStart.Factor).High.Value)), draws.Select(draw => draw.Evidence).Weakest());
    }
}
