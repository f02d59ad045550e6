namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Keeps of what is decided so far that of which nothing else decided so far is better.</summary>
internal static class LabelFront
{
    // Up to so many are held one against another, whatever they ask for: beyond, only those that ask for the same.
    private const int MostPairs = 700;

    /// <summary>Those that may still become a choice that nothing beats.</summary>
    public static List<(ChoiceLabel Label, long Least)> Of(List<(ChoiceLabel Label, long Least)> labels, FreePostage postage)
    {
        var kept = labels.GroupBy(each => each.Label, SameState.Comparer).SelectMany(same => Alike([.. same], postage)).ToList();
        if (kept.Count > MostPairs) return kept;
        kept.Sort((one, other) => one.Label.Cost.CompareTo(other.Label.Cost));
        var front = new List<(ChoiceLabel Label, long Least)>();
        foreach (var each in kept)
        {
            if (!front.Exists(other => IsNoWorse(other.Label, each.Label, postage))) front.Add(each);
        }

        return front;
    }

    // Of those that ask for the same: swept by acts, then by cost, so that each is held against the cheapest with no more acts and no more minutes.
    private static IEnumerable<(ChoiceLabel Label, long Least)> Alike((ChoiceLabel Label, long Least)[] same, FreePostage postage)
    {
        if (same.Length == 1) return same;
        Array.Sort(same, (one, other) => (one.Label.Acts, one.Label.Steps, one.Label.Cost).CompareTo((other.Label.Acts, other.Label.Steps, other.Label.Cost)));
        // What the cheapest so far costs, alone and with all the postage that it could miss.
        var (cheapest, surest) = (new Staircase(), new Staircase());
        var kept = new List<(ChoiceLabel Label, long Least)>();
        foreach (var each in same)
        {
            var label = each.Label;
            if ((label.Saving == 0 || postage.Count == 0 ? cheapest : surest).At(label.Steps) <= label.Cost) continue;
            if (postage.Count > 0 && label.Saving != 0 && kept.Count < MostPairs && kept.Exists(other => IsNoDearer(other.Label, label, postage))) continue;
            kept.Add(each);
            cheapest.Put(label.Steps, label.Cost);
            surest.Put(label.Steps, label.Cost + postage.MayMiss(label.Goods));
        }

        return kept;
    }

    private static bool IsNoWorse(ChoiceLabel one, ChoiceLabel other, FreePostage postage)
    {
        if (!IsNoDearer(one, other, postage) || (other.Once & ~one.Once) != 0) return false;
        for (var need = 0; need < one.Asked.Length; need++)
        {
            if (one.Asked[need] > other.Asked[need]) return false;
        }

        return true;
    }

    private static bool IsNoDearer(ChoiceLabel one, ChoiceLabel other, FreePostage postage)
        => one.Cost <= other.Cost && one.Acts <= other.Acts && one.Steps <= other.Steps
            && one.Cost + postage.MayMiss(one.Goods, other.Goods, other.Saving) <= other.Cost;

    /// <summary>Labels that ask for the same.</summary>
    private sealed class SameState : IEqualityComparer<ChoiceLabel>
    {
        public static readonly SameState Comparer = new();

        public bool Equals(ChoiceLabel? one, ChoiceLabel? other) => one!.Once == other!.Once && Amounts<long>.Comparer.Equals(one.Asked, other.Asked);

        public int GetHashCode(ChoiceLabel label) => HashCode.Combine(label.Once, Amounts<long>.Comparer.GetHashCode(label.Asked));
    }
}
