using System.Collections.Immutable;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Matrix;

/// <summary>The rows and columns that a list of beeps leaves no other way.</summary>
/// <param name="Matrix">The keys on their crossings; null when no rows and columns beep so.</param>
/// <param name="Rows">The contact of each row, the first first.</param>
/// <param name="Columns">The same of the columns.</param>
/// <param name="Problem">Why there is none, and which keys to try again; null when there is one.</param>
public sealed record FoundMatrix(KeyMatrix? Matrix, ImmutableArray<int> Rows, ImmutableArray<int> Columns, string? Problem)
{
    /// <summary>Finds them.</summary>
    /// <remarks>
    /// Contacts are nodes, keys are edges, and rows and columns are its two colours: a graph has such a colouring just when it has no ring of odd length
    /// (König), and each connected piece has one but for which colour is called rows. Of each piece the fewer are rows; of as many, those with the lowest
    /// contact. Exact; linear in the keys.
    /// </remarks>
    public static FoundMatrix Of(IReadOnlyList<KeyBeep> beeps)
    {
        if (beeps.Count == 0) return None("No key yet.");
        if (beeps.GroupBy(beep => (Math.Min(beep.One, beep.Other), Math.Max(beep.One, beep.Other))).FirstOrDefault(same => same.Count() > 1) is { } twice)
            return None($"{Named(twice)} beep between the same two contacts, {twice.Key.Item1} and {twice.Key.Item2}: read them again.");
        if (beeps.GroupBy(beep => beep.Key).FirstOrDefault(same => same.Count() > 1) is { } named)
            return None($"{named.Key} stands there {named.Count()} times: a key has one crossing.");
        var at = beeps.SelectMany(beep => new[] { (beep.One, beep), (beep.Other, beep) }).ToLookup(each => each.Item1, each => each.beep);
        var (rows, columns) = (new List<int>(), new List<int>());
        var colours = new Dictionary<int, bool>();
        foreach (var first in at.Select(each => each.Key).Order().Where(contact => !colours.ContainsKey(contact)).ToArray())
        {
            if (colours.ContainsKey(first)) continue;
            if (Colour(first, at, colours, out var piece) is { } ring)
                return None($"{Named(ring)} go round in a ring of {ring.Count}, which no rows and columns do: read them again, one of them is not as written.");
            var (one, other) = (piece.Where(contact => colours[contact]).Order(), piece.Where(contact => !colours[contact]).Order());
            var isTurned = one.Count() > other.Count();
            rows.AddRange(isTurned ? other : one);
            columns.AddRange(isTurned ? one : other);
        }

        if (Math.Max(rows.Count, columns.Count) > GraftFileLimits.MatrixLines)
            return None($"{rows.Count} rows and {columns.Count} columns: a matrix has at most {GraftFileLimits.MatrixLines} of each.");
        var (down, across) = (Places(rows), Places(columns));
        var keys = beeps.Select(beep => down.TryGetValue(beep.One, out var row) ? new MatrixKey(row, across[beep.Other], beep.Key)
            : new MatrixKey(down[beep.Other], across[beep.One], beep.Key));
        var matrix = new KeyMatrix(rows.Count, columns.Count) { Keys = [.. keys.OrderBy(key => key.Row).ThenBy(key => key.Column)] };
        return new FoundMatrix(matrix, [.. rows], [.. columns], null);
    }

    // Colours a connected piece, the first contact as a row; the keys of an odd ring where there is one.
    private static List<KeyBeep>? Colour(int first, ILookup<int, KeyBeep> at, Dictionary<int, bool> colours, out List<int> piece)
    {
        var from = new Dictionary<int, KeyBeep?> { [first] = null };
        piece = [];
        colours[first] = true;
        var waiting = new Queue<int>([first]);
        while (waiting.TryDequeue(out var contact))
        {
            piece.Add(contact);
            foreach (var key in at[contact])
            {
                var next = Across(key, contact);
                if (!colours.TryGetValue(next, out var colour))
                {
                    (colours[next], from[next]) = (!colours[contact], key);
                    waiting.Enqueue(next);
                }
                else if (colour == colours[contact])
                {
                    var (one, other) = (Way(contact, from), Way(next, from));
                    return [.. one.Except(other), key, .. other.Except(one)];
                }
            }
        }

        return null;
    }

    // The keys by which a contact was reached.
    private static List<KeyBeep> Way(int contact, Dictionary<int, KeyBeep?> from)
    {
        var way = new List<KeyBeep>();
        for (var at = contact; from[at] is { } key; at = Across(key, at)) way.Add(key);
        return way;
    }

    private static int Across(KeyBeep key, int contact) => key.One == contact ? key.Other : key.One;

    private static Dictionary<int, int> Places(List<int> contacts) => contacts.Index().ToDictionary(each => each.Item, each => each.Index + 1);

    private static string Named(IEnumerable<KeyBeep> beeps)
    {
        var names = beeps.Select(beep => beep.Key).ToArray();
        return names.Length == 1 ? names[0] : $"{string.Join(", ", names[..^1])} and {names[^1]}";
    }

    private static FoundMatrix None(string problem) => new(null, [], [], problem);
}
