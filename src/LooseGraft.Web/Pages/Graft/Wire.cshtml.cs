using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Drawing;
using LooseGraft.Core.Wire.Schools;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The Wire stage: one joint at a time, seen, judged and changed.</summary>
public sealed class WireModel(GraftStore store, ReviewCache reviews) : GraftPageModel(store, reviews)
{
    public override Stage? Stage => Core.Findings.Stage.Wire;

    /// <summary>Id of the joint to look at; the most dangerous when none is asked for.</summary>
    [BindProperty(SupportsGet = true, Name = "joint")]
    public string? JointId { get; set; }

    /// <summary>The pin to look at, such as <c>from-7</c>.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Pin { get; set; }

    /// <summary>From which side the fixed half is looked at: <c>mating</c> or <c>wire</c>.</summary>
    [BindProperty(SupportsGet = true)]
    public string From { get; set; } = "mating";

    /// <summary>From which side the other half is looked at.</summary>
    [BindProperty(SupportsGet = true)]
    public string To { get; set; } = "wire";

    /// <summary>Which wires to draw: <c>decided</c>, <c>pushed</c> or <c>proposed</c>.</summary>
    [BindProperty(SupportsGet = true)]
    public string Show { get; set; } = "decided";

    public JointReview? Joint { get; private set; }

    public PinChoice? Chosen { get; private set; }

    public IReadOnlyList<JointContact> Shown { get; private set; } = [];

    /// <summary>The three schools for the joint, worked out when the page asks.</summary>
    public SchoolAdvice Advice => field ??= SchoolAdvisor.Of(Graft, Joint!);

    public JointPicture? Picture { get; private set; }

    public ConnectorView FromView => View(From);

    public ConnectorView ToView => View(To);

    public static string Other(string view) => view == "wire" ? "mating" : "wire";

    public async Task<IActionResult> OnPostPinAsync(PinForm form)
    {
        if (!await LoadAsync() || Chosen is not { } chosen) return NotFound();
        if (form.Read(ModelState) is not { } change) return await InvalidAsync();
        return await SaveAsync(new Edit(
            $"{chosen.End.Port.Name}, position {chosen.Position}: {form.Words()}",
            graft => graft.WithPin(chosen.End.Id, chosen.Position, change),
            graft => graft.FindPort(chosen.End.Id) is { } port
                ? $"{port.Name}, position {chosen.Position}: {port.PinAt(chosen.Position).Signal.Value}, {port.PinAt(chosen.Position).Signal.Evidence.Words()}"
                : "this port is not there any more"));
    }

    public Task<IActionResult> OnPostDecideAsync(JointMethod method, string? reason)
        => ChangeJointAsync($"decided: {method.Words()}", joint => joint with { Method = method, Reason = string.IsNullOrWhiteSpace(reason) ? null : reason.Trim() });

    public Task<IActionResult> OnPostTakeTableAsync()
        => ChangeJointAsync("takes the proposed wire table", joint => joint with
        {
            Method = Rewiring.MadeMethod(Joint!),
            Wires = [.. Joint!.Proposal.Select(row => new Conductor(row.From, row.To))],
        });

    public Task<IActionResult> OnPostAddWireAsync(int wireFrom, int wireTo)
        => ChangeJointAsync($"{wireFrom} leads to {wireTo}", _ => Rewiring.Move(Joint!, wireFrom, wireTo));

    public async Task<IActionResult> OnPostTargetsAsync()
    {
        if (!await LoadAsync() || Joint is not { } review) return NotFound();
        return WireTargets.Changed(review, Request.Form, ModelState) is var (from, to)
            ? await ChangeJointAsync(to.Length == 0 ? $"{from} leads nowhere" : $"{from} leads to {string.Join(", ", to)}", _ => Rewiring.Lead(review, from, to))
            : ModelState.IsValid ? Redirect(Link(("handler", null))) : await InvalidAsync();
    }

    public Task<IActionResult> OnPostTieAsync(string? end, int one, int other)
    {
        if (end is not ("from" or "to")) ModelState.AddModelError("end", "Choose the end whose contacts are tied.");
        var isFrom = end == "from";
        return ChangeJointAsync($"{one} and {other} tied", joint => joint with { Ties = [.. joint.Ties.Append(new LeadTie(new LeadEnd(isFrom, one), new LeadEnd(isFrom, other))).Distinct()] });
    }

    public Task<IActionResult> OnPostUntieAsync(int index)
        => ChangeJointAsync("a tie taken out", joint => index >= 0 && index < joint.Ties.Length ? joint with { Ties = joint.Ties.RemoveAt(index) } : joint);

    public async Task<IActionResult> OnPostSchoolAsync(School school)
    {
        if (!await LoadAsync() || Joint is null) return NotFound();
        if (Advice.Of(school) is not { } plan) return await InvalidAsync();
        var because = plan == Advice.Recommended ? Advice.Because : null;
        return await ChangeJointAsync($"decided: {plan.Words}", joint => joint with
        {
            Method = plan.Review.Joint.Method,
            Wires = plan.Review.Joint.Wires,
            Ties = plan.Review.Joint.Ties,
            Reason = because is null ? plan.Words : $"{plan.Words}: {because}",
        });
    }

    public Task<IActionResult> OnPostRemoveWireAsync(int wireFrom, int wireTo)
        => ChangeJointAsync($"wire {wireFrom} to {wireTo} taken out", joint => joint with
        {
            Wires = [.. joint.Wires.Where(wire => (wire.From, wire.To) != (wireFrom, wireTo))],
        });

    public async Task<IActionResult> OnPostAddJointAsync(string? ports, string? otherPort)
    {
        if (!await LoadAsync()) return NotFound();
        if (PortId.Parse(ports ?? "") is not { } from || PortId.Parse(otherPort ?? "") is not { } to || from == to)
        {
            ModelState.AddModelError("ports", "Choose two different ports to bring together.");
            return await InvalidAsync();
        }

        var id = GraftEdits.FreshId(Graft.FindPort(from)?.Name ?? from.Port, Graft.Joints.Select(joint => joint.Id));
        JointId = id;
        return await SaveAsync(new Edit(
            $"New joint {id}",
            graft => graft with { Joints = graft.Joints.Add(new Joint(id, from, to, JointMethod.Straight)) },
            graft => $"{graft.Joints.Length} joints"));
    }

    public async Task<IActionResult> OnPostRemoveJointAsync()
    {
        if (!await LoadAsync() || Joint is not { } gone) return NotFound();
        return await SaveAsync(new Edit(
            $"Joint {gone.Joint.Id} taken out",
            graft => graft with { Joints = graft.Joints.RemoveAll(joint => joint.Id == gone.Joint.Id) },
            graft => $"{graft.Joints.Length} joints"));
    }

    protected override void OnShown()
    {
        Joint = Review.Wire.Find(JointId ?? "") ?? Review.Wire.Joints.FirstOrDefault();
        if (Joint is null) return;
        Chosen = PinChoice.Parse(Pin, Joint);
        Shown = Show switch
        {
            "pushed" => Joint.Pushed,
            "proposed" => [.. Joint.Proposed],
            _ => Joint.Decided,
        };
        Picture = new JointPicture(Joint, JointScene.Of(Joint, Shown.Where(contact => contact.Judgement.Outcome != ContactOutcome.Idle), FromView, ToView));
    }

    private async Task<IActionResult> ChangeJointAsync(string what, Func<Joint, Joint> change)
    {
        if (!await LoadAsync() || Joint is not { } review) return NotFound();
        var id = review.Joint.Id;
        return await SaveAsync(new Edit(
            $"Joint {id}: {what}",
            graft => graft.WithJoint(id, change),
            graft => graft.Joints.FirstOrDefault(joint => joint.Id == id) is { } joint
                ? $"{joint.Method.Words()}, {joint.Wires.Length} wires{(joint.Reason is { } reason ? $", {reason}" : "")}"
                : "this joint is not there any more"));
    }

    private static ConnectorView View(string side) => side == "wire" ? ConnectorView.WireSide : ConnectorView.MatingFace;
}
