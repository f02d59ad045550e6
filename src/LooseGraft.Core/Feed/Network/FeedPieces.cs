using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Network;

/// <summary>The connected pieces of a network: by what each is fed, and which are at odds with themselves.</summary>
/// <remarks>Holds for the network as it stands when it is made.</remarks>
internal sealed class FeedPieces
{
    private readonly FeedMetal _metal;
    private readonly Dictionary<int, List<FeedOutlet>> _outlets = [];
    private readonly HashSet<int> _grounds = [];
    private readonly HashSet<int> _broken = [];

    public FeedPieces(FeedMetal metal, IReadOnlyList<FeedOutlet> outlets)
    {
        _metal = metal;
        foreach (var outlet in outlets)
        {
            _grounds.Add(metal.PieceOf(outlet.Ground));
            var piece = metal.PieceOf(outlet.Node);
            if (!_outlets.TryGetValue(piece, out var same)) _outlets[piece] = same = [];
            same.Add(outlet);
        }

        foreach (var (piece, fed) in _outlets)
        {
            var volts = fed[0].Rail.Voltage;
            if (_grounds.Contains(piece) || fed.Any(other => !VoltSpan.Around(volts, Tolerances.Of(volts)).Contains(other.Rail.Voltage))) _broken.Add(piece);
        }
    }

    /// <summary>Whether a rail feeds a node, and nothing is at odds there.</summary>
    public bool IsFed(int node) => _metal.PieceOf(node) is var piece && _outlets.ContainsKey(piece) && !_broken.Contains(piece);

    /// <summary>Whether a node is on a piece that joins a rail with ground, or rails of unlike voltage.</summary>
    public bool IsBroken(int node) => _broken.Contains(_metal.PieceOf(node));

    /// <summary>Whether it is on the way back to a supply.</summary>
    public bool IsGround(int node) => _grounds.Contains(_metal.PieceOf(node));

    /// <summary>The rails that feed a node.</summary>
    public IReadOnlyList<FeedOutlet> OutletsAt(int node) => _outlets.GetValueOrDefault(_metal.PieceOf(node), []);
}
