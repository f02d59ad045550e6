using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Network;

namespace LooseGraft.Core.Feed;

/// <summary>A place of the network with the currents that pass it.</summary>
internal sealed class PassedPlace
{
    public PassedPlace(FeedPlace place, ImmutableArray<FeedTerm> terms)
    {
        (Place, Terms) = (place, terms);
        var likely = terms.Sum(term => term.Weight * term.Flow.At(LoadCase.Peak).Likely.Value);
        IsTaker = (likely != 0 ? likely : terms[0].Weight) < 0 != IsBack;
        (Bears, BearsAtBest) = (place.Bears(IsTaker), place.BearsAtBest(IsTaker));
    }

    public FeedPlace Place { get; }

    /// <summary>The currents with their shares; at least one.</summary>
    public ImmutableArray<FeedTerm> Terms { get; }

    /// <summary>The first of them, by whose supply and rail the place is told.</summary>
    public FeedFlow From => Terms[0].Flow;

    /// <summary>Whether it is on the way back.</summary>
    public bool IsBack => Place.Rail == SupplyMetal.Ground;

    /// <summary>Whether a port takes the current there, rather than gives it on. On the way back the supply's side is the one that takes.</summary>
    public bool IsTaker { get; }

    /// <summary>What it bears, in amperes; null where nothing is laid down.</summary>
    public Known<double>? Bears { get; }

    /// <summary>What it bears at best, in amperes.</summary>
    public double? BearsAtBest { get; }

    /// <summary>What its port bears over all rails together, in watts; null where nothing is laid down, and on the way back.</summary>
    public double? Watts => IsBack ? null : Place.Conductors.Bound?.WattsOf(IsTaker);
}
