using System.Collections.Concurrent;
using System.Collections.Immutable;
using System.Runtime.CompilerServices;
using LooseGraft.Core;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Placing;

namespace LooseGraft.Web.Hosting;

/// <summary>Ways to seat boards, searched once for each seating that was reviewed: a page that is asked for again does not search again.</summary>
internal static class KnownWays
{
    // A review of Seat is taken over by the next while neither parts nor seating change, and so are the ways that were found for it.
    private static readonly ConditionalWeakTable<SeatReview, ConcurrentDictionary<(string Part, string Plane), ImmutableArray<BoardPlacement>>> Found = [];

    /// <summary>The ways to seat a board on a plane, best first. With a turn that was asked for they are searched each time: turns are many.</summary>
    public static ImmutableArray<BoardPlacement> Of(Review review, string part, string plane, double? turn)
        => turn is not null ? Placements.Of(review.Graft, part, plane, turn)
            : Found.GetOrCreateValue(review.Seat).GetOrAdd((part, plane), asked => Placements.Of(review.Graft, asked.Part, asked.Plane));
}
