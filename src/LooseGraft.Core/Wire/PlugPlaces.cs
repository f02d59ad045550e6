using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Finds places for a plug as it is. All of them are looked at; exact.</summary>
public static class PlugPlaces
{
    /// <summary>A plug of so few positions is a loose lead: it has no place of its own on a header, and is put where it is wanted.</summary>
    public const int MostLoose = 3;

    /// <summary>Every place, straight on first, those across the rows last; none where the plug does not go on.</summary>
    public static IEnumerable<PlugPlace> Of(Port header, Port plug)
    {
        if (PlugFit.Problems(header, plug).Count > 0) return [];
        var mating = new Mating(header, plug);
        return from placement in mating.Possible()
               let under = Enumerable.Range(1, plug.PositionCount)
                   .Select(position => mating.Header.PositionAt(placement.Move(mating.Plug[position], mating.Plug))).OfType<int>().ToValueList()
               where under.Length == plug.PositionCount
               orderby placement.QuarterTurns % 2
               select new PlugPlace(placement.QuarterTurns * 90, under);
    }

    /// <summary>The place that brings one position of the plug on one of the header, turned as the plug is turned now if that goes; null when none
    /// does.</summary>
    public static PlugPlace? Bringing(JointReview review, int header, int plug)
        => Of(review.From.Port, review.To.Port).Where(place => place.On[plug - 1] == header)
            .OrderByDescending(place => place.TurnDegrees == review.Joint.TurnDegrees).FirstOrDefault();

    /// <summary>The place where everything that belongs together meets and nothing else does, so that no tool is needed; of several the one where most contacts
    /// are called alike. Null when there is none.</summary>
    /// <param name="from">The header.</param>
    /// <param name="to">The plug.</param>
    /// <param name="taken">Positions of the header that something else lies on.</param>
    public static PlugPlace? WithoutTool(JointEnd from, JointEnd to, IReadOnlySet<int> taken)
    {
        var table = new ContactTable(from.Terminals, to.Terminals);
        var wanted = WireTable.Propose(from.Terminals, to.Terminals, table, []).Length;
        return wanted == 0 ? null : Of(from.Port, to.Port).Where(place => !place.On.Any(taken.Contains)
                && place.On.Index().Select(pair => table.At(pair.Item, pair.Index + 1)).ToImmutableArray() is var contacts
                && contacts.All(contact => contact.Severity is null or Severity.Note) && contacts.Count(contact => contact.IsRight) == wanted)
            .MaxBy(place => place.On.Index().Count(pair => from.At(pair.Item).Signal == to.At(pair.Index + 1).Signal));
    }
}
