using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Findings;

/// <summary>What the rules say of what was ordered.</summary>
internal static class OrderFindings
{
    public static IEnumerable<Finding> Of(Graft graft, Basket basket, DateOnly? today)
    {
        var open = basket.Lines.Where(line => line.Open > 0).Select(line => line.Need.Key).ToHashSet();
        return basket.Orders.SelectMany(use => new[] { Idle(use), Wrong(graft, use, open) }).OfType<Finding>()
            .Concat(basket.Orders.Select(use => use.Order).Distinct().SelectMany(order => Late(graft, order, today)));
    }

    private static Finding? Idle(OrderUse use)
    {
        if (!use.Gifts.IsEmpty || !use.Over.Any(OfferFindings.IsGoBetween)) return null;
        var line = Line(use);
        var aim = line.Line.For.IsEmpty ? "nothing on the list" : string.Join(", ", line.Line.For.Select(each => each.Words));
        var come = use.OverHere.IsEmpty ? "take back the order, while the seller lets you" : "send it back, or put it into the bin";
        return Finding.Of(BuyRules.OrderedIdle, Subject(use), new OrderedForNothing(use.Order.Id, line.Line.What),
            $"{line.Line.What} was ordered for {aim} ({use.Order.Words}), and no joint of the graft asks for it any more.", Evidence.Measured,
            come, "decide the joint as it was");
    }

    private static Finding? Wrong(Graft graft, OrderUse use, HashSet<string> open)
    {
        var line = Line(use);
        var again = line.Line.For.Where(aim => open.Contains(aim.Need)).ToArray();
        if (line.Wrong + line.Lost == 0 || again.Length == 0) return null;
        var joints = again.SelectMany(aim => aim.Joints).Distinct()
            .Select(id => graft.Joints.FirstOrDefault(joint => joint.Id == id)).OfType<Joint>().ToArray();
        var how = line.Lost == 0 ? "came wrong" : line.Wrong == 0 ? "did not come" : "came wrong or not at all";
        var opened = joints.Length == 0 ? $"still needed: {string.Join(", ", again.Select(aim => aim.Words))}"
            : $"open again: {string.Join(", ", joints.Select(joint => WareWords.Of(joint, graft)))}";
        return Finding.Of(BuyRules.CameWrong, Subject(use), new CameWrong(use.Order.Id, line.Line.What, line.Wrong, line.Lost, joints.Length),
            $"{(line.Wrong + line.Lost).Counted("pack")} of {line.Line.What} {how} ({use.Order.Words}); {opened}.", Evidence.Measured,
            joints.Length == 0 ? ["choose another source for it", "say what the seller gave back"]
                : ["choose another source for it", "decide the joint so that it needs none", "say what the seller gave back"]);
    }

    private static IEnumerable<Finding> Late(Graft graft, PlacedOrder order, DateOnly? today)
    {
        if (order.IsOver || order.Due is not { } due) yield break;
        if (today is { } day && order.LateOn(day) is { } late)
            yield return Finding.Of(BuyRules.Overdue, new OrderSubject(order.Id), new OrderOverdue(order.Id, late),
                $"{order.Words.Capitalised()} was to be here by {due.To:yyyy-MM-dd}: it is {late.Counted("day")} late, and what waits for it waits on.",
                Evidence.Assumed, "ask the seller where it is", "write down what came");
        if (graft.Buying.WishedBy is { } wished && due.To > wished)
            yield return Finding.Of(BuyRules.Late, new OrderSubject(order.Id), new ParcelLate(order.Order.Seller, due.To.DayNumber - wished.DayNumber),
                $"{order.Words.Capitalised()} may come on {due.To:yyyy-MM-dd}, {(due.To.DayNumber - wished.DayNumber).Counted("day")} after {wished:yyyy-MM-dd}, by which everything shall be here.",
                Evidence.Assumed, "put the wished day off");
    }

    private static OrderedLine Line(OrderUse use) => use.Order.Lines[use.Line];

    private static OrderSubject Subject(OrderUse use) => new(use.Order.Id);
}
