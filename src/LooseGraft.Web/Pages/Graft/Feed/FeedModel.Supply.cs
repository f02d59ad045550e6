using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What is said of a supply itself: its label, its class, its leads.</summary>
public sealed partial class FeedModel
{
    /// <summary>Usual supplies in place of the one that is looked at.</summary>
    public IEnumerable<SupplyChoice> OtherSupplies => Review.InPlaceOf(Supply!);

    private bool IsOfSupply(LooseEnd end) => end.Flows.IsEmpty
        ? end.Joints.Select(joint => joint.From).Concat(end.Adapters.SelectMany(way => way.Plugs)).Any(from => from.Part == Supply!.Supply.Part)
        : end.Flows.Any(flow => flow.Supply.Id == Supply!.Supply.Id);

    public async Task<IActionResult> OnPostJoinAsync(string? from, string? to)
        => PortId.Parse(from ?? "") is { } giver && PortId.Parse(to ?? "") is { } socket ? await SaveAsync(new AddJoint(giver, socket)) : await InvalidAsync();

    public async Task<IActionResult> OnPostAdaptAsync(string? socket)
        => await LoadAsync() && LooseEnds.SelectMany(end => end.Adapters).FirstOrDefault(way => way.Socket.ToString() == socket) is { } way
            ? await SaveAsync(way) : await InvalidAsync();

    public async Task<IActionResult> OnPostAddSupplyAsync(string? name, string? rails, string? total)
        => SupplyLabel.Named(ModelState, name, rails, total) is { } made ? await SaveAsync(made) : await InvalidAsync();

    public async Task<IActionResult> OnPostRelabelAsync(string? rails, string? total)
    {
        if (!await LoadAsync() || Supply is not { } shown) return NotFound();
        return SupplyLabel.Read(ModelState, rails, total, "relabel") is { } label
            ? await SaveAsync(new RelabelSupply(shown.Supply.Id, label)) : await InvalidAsync();
    }

    public async Task<IActionResult> OnPostLeadAsync([Bind(Prefix = "")] LeadWiresForm lead)
    {
        if (!await LoadAsync() || Supply is not { } shown) return NotFound();
        return lead.Read(ModelState, shown.Supply) is { } made ? await SaveAsync(made) : await InvalidAsync();
    }

    public async Task<IActionResult> OnPostFactsAsync(EfficiencyClass? efficiency, string? age, bool hot, string? input)
    {
        if (!await LoadAsync() || Supply is not { } shown) return NotFound();
        var years = string.IsNullOrWhiteSpace(age) ? null : ModelState.NotNegative("age", age, "the age", "years");
        if (years > 100) ModelState.AddModelError("age", "A supply is at most 100 years old.");
        return await SaveAsync(
            new DescribeSupply(shown.Supply.Id, efficiency, years, hot,
            input?.Split('|') is [var upstream, var rail] ? new MeantInput(upstream, rail) : null));
    }

    public async Task<IActionResult> OnPostAddLeadAsync([Bind(Prefix = "")] SupplyLeadForm lead)
    {
        if (!await LoadAsync() || Supply is not { } shown) return NotFound();
        return lead.Read(ModelState) is { } made ? await SaveAsync(new AddSupplyLead(shown.Supply.Id, made)) : await InvalidAsync();
    }

    public async Task<IActionResult> OnPostRemoveLeadAsync(string lead)
        => await LoadAsync() && Supply is { } shown ? await SaveAsync(new RemoveSupplyLead(shown.Supply.Id, lead)) : NotFound();
}
