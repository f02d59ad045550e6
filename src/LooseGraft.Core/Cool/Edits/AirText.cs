using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>What edits of the air say.</summary>
internal static class AirText
{
    /// <summary>What is in an opening.</summary>
    public static string Cover(AirCover cover, double? share, AirFilter filter)
        => (share is { } free ? FormattableString.Invariant($"{AirCoverFact.Of(cover).Name}, {100 * free:0.#} % free") : AirCoverFact.Of(cover).Name)
            + (filter == AirFilter.None ? "" : $", {filter.ToString().ToLowerInvariant()} filter");

    /// <summary>What a graft says is in an opening.</summary>
    public static string Cover(Vent? vent) => vent switch
    {
        null => "as Seat says",
        { IsShut: true } => "shut",
        _ => Cover(vent.Cover, vent.FreeShare, vent.Filter),
    };
}
