using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Web.Words;

namespace LooseGraft.Web.Drawing;

/// <summary>Choices as a picture, in pixels: money to the right, days upward, and a leaf for each, notched once for every act that cannot be taken
/// back.</summary>
public sealed class ChoicePicture
{
    public const double Width = 640;

    public const double Height = 340;

    public const double Left = 112;

    public const double Bottom = Height - 46;

    /// <summary>Half the height of a leaf.</summary>
    public const double Leaf = 11;

    private const double Right = Width - 30;
    private const double Top = 34;
    private const double LetterPixels = 6.6;
    private const double WordsTall = 14;
    private const int MostNotches = 5;
    private const int MostTicks = 6;

    private static readonly decimal[] Times = [1, 2, 5, 10];

    private readonly decimal _least;
    private readonly decimal _most;
    private readonly ImmutableArray<int?> _days;

    /// <param name="cards">The choices.</param>
    /// <param name="shown">The one that is looked at.</param>
    public ChoicePicture(IReadOnlyList<ChoiceCard> cards, ChoiceCard shown)
    {
        (_least, _most) = (cards.Min(card => card.Set.Total.Amount), cards.Max(card => card.Set.Total.Amount));
        // Days take few values: each has its own line, the soonest lowest, and what nobody knows above all.
        _days = [.. cards.Select(card => card.Set.Days).Distinct().OrderBy(days => days ?? int.MaxValue)];
        Currency = shown.Graft.Currency;
        var taken = cards.Select(card => Box(XOf(card), YOf(card) - Leaf, 2 * Leaf, 2 * Leaf)).ToList();
        // Those that have a name or are looked at are written at first; the others where there is room.
        var marks = new Dictionary<string, ChoiceMark>();
        foreach (var card in cards.OrderByDescending(card => card.Set == shown.Set).ThenByDescending(card => card.IsEnd))
        {
            var mark = new ChoiceMark(card, XOf(card), YOf(card), card.Set == shown.Set, Math.Min(card.Set.Acts, MostNotches));
            marks[card.Set.Key] = mark with { Words = Placed(mark, taken) };
        }

        Marks = [.. cards.Select(card => marks[card.Set.Key])];
    }

    /// <summary>The currency of the money.</summary>
    public string Currency { get; }

    /// <summary>The choices, cheapest first.</summary>
    public IReadOnlyList<ChoiceMark> Marks { get; }

    /// <summary>The lines of days: their height, and the days.</summary>
    public IEnumerable<(double Y, string Words)> Lines => _days.Select(days => (YOf(days), days switch
    {
        null => "nobody says",
        0 => "no parcel",
        var known => known.Value.Counted("day"),
    }));

    /// <summary>Where so much money stands.</summary>
    public IEnumerable<(double X, string Words)> Ticks
    {
        get
        {
            if (_least == _most) return [(XOf(_least), $"{_least:0.##}")];
            var step = Step((_most - _least) / MostTicks);
            return from at in Enumerable.Range(0, MostTicks + 2)
                   let money = (decimal.Ceiling(_least / step) + at) * step
                   where money <= _most
                   select (XOf(money), money.ToString("0.##", System.Globalization.CultureInfo.InvariantCulture));
        }
    }

    // The next of 1, 2, 5, 10 … that is no less.
    private static decimal Step(decimal least)
    {
        var ten = (decimal)Math.Pow(10, Math.Floor(Math.Log10((double)least)));
        return Times.Select(times => times * ten).First(step => step >= least);
    }

    private double XOf(ChoiceCard card) => XOf(card.Set.Total.Amount);

    private double XOf(decimal money)
        => _least == _most ? (Left + Right) / 2 : Left + Leaf + 8 + ((double)((money - _least) / (_most - _least)) * (Right - Left - (2 * (Leaf + 8))));

    private double YOf(ChoiceCard card) => YOf(card.Set.Days);

    private double YOf(int? days)
        => _days.Length == 1 ? (Top + Bottom) / 2 : Bottom - 24 - (_days.IndexOf(days) * (Bottom - 24 - Top - 20) / (_days.Length - 1));

    // Above a leaf or below it, wherever nothing stands yet; null where there is no room.
    private static (double X, double Y)? Placed(ChoiceMark mark, List<(double X, double Y, double Wide, double Tall)> taken)
    {
        var wide = mark.Label.Length * LetterPixels;
        var middle = Math.Clamp(mark.X, (wide / 2) + 4, Width - (wide / 2) - 4);
        foreach (var y in new[] { mark.Y - Leaf - WordsTall, mark.Y + Leaf + WordsTall - 2 })
        {
            var box = Box(middle, y - (WordsTall / 2), wide, WordsTall);
            if (taken.Exists(other => Overlaps(box, other))) continue;
            taken.Add(box);
            return (middle, y + 4);
        }

        return null;
    }

    private static (double X, double Y, double Wide, double Tall) Box(double middle, double top, double wide, double tall)
        => (middle - (wide / 2), top, wide, tall);

    private static bool Overlaps((double X, double Y, double Wide, double Tall) one, (double X, double Y, double Wide, double Tall) other)
        => one.X < other.X + other.Wide && other.X < one.X + one.Wide && one.Y < other.Y + other.Tall && other.Y < one.Y + one.Tall;
}
