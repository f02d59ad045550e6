using LooseGraft.Core.Buy;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What was ordered, what is awaited, and what came.</summary>
public sealed class OrdersModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    /// <summary>The orders of which something is awaited first, and of each sort the newest first.</summary>
    public IEnumerable<PlacedOrder> Orders => Review.Buy.Orders.Orders.Reverse().OrderBy(order => order.IsOver);

    public Basket Basket => Review.Buy.Basket.Value;

    /// <summary>What becomes of the lines of an order.</summary>
    public IReadOnlyList<OrderUse> UsesOf(PlacedOrder order) => [.. Basket.Orders.Where(use => use.Order == order)];

    /// <summary>The joint that something was ordered for, as far as it is there; null for what none asked for.</summary>
    public string? JointOf(OrderAim aim) => aim.Joints.FirstOrDefault(id => Graft.Joints.Any(joint => joint.Id == id));

    public async Task<IActionResult> OnPostArriveAsync(
        string? order, string? how, string[]? right, string[]? wrong, string? day, string? back, string? note)
    {
        if (!await LoadAsync()) return NotFound();
        if (Review.Buy.Orders.Find(order) is not { } placed) return await GoneAsync();
        if (new ArrivalForm(how, right, wrong, day, back, note).Read(placed, Today, ModelState) is not { } arrival) return await InvalidAsync();
        var sorted = Ordering.Sorted(Review.Buy, Graft, arrival);
        if (sorted is { Lines.IsEmpty: true, IsLast: false, Back.Amount: 0 })
        {
            ModelState.AddModelError("", "Nothing of that order is awaited or left over any more. Here is how it stands now.");
            return await InvalidAsync();
        }

        return await SaveAsync(new TakeIn(placed.Order, sorted));
    }

    public async Task<IActionResult> OnPostSlipAsync(string? order)
    {
        if (!await LoadAsync()) return NotFound();
        if (Review.Buy.Orders.Find(order) is not { } placed) return await GoneAsync();
        return await SaveAsync(placed.Arrivals.IsEmpty
            ? new CorrectOrder(placed.Id, placed.Order.Name, [])
            : new CorrectOrder(placed.Arrivals[^1].Id, placed.Order.Name, [.. placed.Arrivals[^1].Arrival.Lines.SelectMany(line => line.Parts)]));
    }

    private async Task<IActionResult> GoneAsync()
    {
        ModelState.AddModelError("", "That order is not written down any more. Here is how it stands now.");
        return await InvalidAsync();
    }
}
