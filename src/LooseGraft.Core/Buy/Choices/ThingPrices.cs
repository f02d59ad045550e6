using System.Collections.Immutable;
using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>What each joint and each need costs the whole graft: how far the cheapest choice falls when it goes.</summary>
/// <remarks>The cheapest choice is sought anew without each: exact, or the price is not given.</remarks>
/// <param name="Prices">The prices, dearest first; what saves nothing is not among them.</param>
/// <param name="Unknown">Of how many more it was not worked out.</param>
public sealed record ThingPrices(ImmutableArray<ThingPrice> Prices, int Unknown)
{
    /// <summary>At most so many are asked about, joints first.</summary>
    public const int MostAsked = 80;

    // A quarter of a second each on a small machine, at worst, and four seconds for the first.
    private const long MostSteps = 25_000;
    private const long MostStepsAtFirst = 400_000;

    /// <summary>Works the prices out.</summary>
    /// <param name="graft">The graft as it is in use.</param>
    /// <param name="review">Its review, seen from what is owned.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public static ThingPrices Of(Graft graft, Review review, ReviewWork work)
    {
        var draft = ChoiceDraft.Of(graft, review, work);
        if (Cheapest(draft.Problem, MostStepsAtFirst) is not { } cheapest) return new ThingPrices([], draft.Asking.Count() + draft.Rows.Count);
        var things = Things(graft, draft, cheapest).ToArray();
        var (prices, unknown) = (new List<ThingPrice>(), Math.Max(0, things.Length - MostAsked));
        foreach (var (words, about, without) in work.Each(things.Take(MostAsked).ToArray(), "thing"))
        {
            if (Cheapest(without(), MostSteps) is not { } other)
            {
                unknown++;
                continue;
            }

            var saved = new Money(decimal.Round((draft.CostOf(cheapest) - draft.CostOf(other)) / (decimal)ChoiceProblem.Unit, 2));
            if (saved.Amount > 0) prices.Add(new ThingPrice(words, about, saved, draft.ParcelsOf(cheapest) - draft.ParcelsOf(other)));
        }

        return new ThingPrices([.. prices.OrderByDescending(price => price.Saved.Amount)], unknown);

        ChoicePoint? Cheapest(ChoiceProblem problem, long most)
            => ChoiceSearch.Of(problem, ChoiceCosts.MoneyAlone, new ChoiceWork(most, work, isTold: false)) is { IsWhole: true } front
                ? front.Points.FirstOrDefault() : null;
    }

    // Joints, and needs that are no joint's alone. A fuse is no expense that anybody may think of saving.
    private static IEnumerable<(string Words, Subject? About, Func<ChoiceProblem> Without)> Things(Graft graft, ChoiceDraft draft, ChoicePoint cheapest)
    {
        foreach (var joint in draft.Asking) yield return (WareWords.Of(joint, graft), new JointSubject(joint.Id), () => draft.Without(joint));
        var wanted = draft.Problem.PiecesFor(cheapest.Ways);
        foreach (var (row, need) in draft.Rows.Index().Where(each => wanted[each.Index] > 0 && each.Item is { GoBetween: null, Ware.Kind: not WareKind.Fuse }))
            yield return (need.Words, need.Part is { } part ? new PartSubject(part.Id) : null, () => draft.Problem.Without(row));
    }
}
