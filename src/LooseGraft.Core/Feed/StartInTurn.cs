using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>Parts of which one starts while the others run or wait: the one whose start takes most more than it runs on is counted, whichever it is.</summary>
internal struct StartInTurn
{
    private (double Low, double Likely, double High) _most;
    private (double Low, double Likely, double High) _least;

    /// <summary>What one of them takes while another starts.</summary>
    public Spread<Amps> Without(FeedFlow flow, double weight)
    {
        var (runs, starts) = (flow.At(LoadCase.Typical), flow.At(LoadCase.Start));
        var (low, likely, high) = (
            weight * (starts.Low - runs.Low).Value, weight * (starts.Likely - runs.Likely).Value, weight * (starts.High - runs.High).Value);
        if (weight < 0) (low, high) = (high, low);
        _most = (Math.Max(_most.Low, low), Math.Max(_most.Likely, likely), Math.Max(_most.High, high));
        _least = (Math.Min(_least.Low, low), Math.Min(_least.Likely, likely), Math.Min(_least.High, high));
        return runs;
    }

    /// <summary>What all others come to with the start that counts most, in the sense in which they flow.</summary>
    public readonly (double Low, double Likely, double High) Most(double low, double likely, double high)
        => likely + _most.Likely >= -(likely + _least.Likely)
            ? (low + _most.Low, likely + _most.Likely, high + _most.High)
            : (low + _least.Low, likely + _least.Likely, high + _least.High);
}
