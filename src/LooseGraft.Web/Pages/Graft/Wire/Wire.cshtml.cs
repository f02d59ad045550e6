using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Naming;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Drawing;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Schools;
using LooseGraft.Data;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The Wire stage: one joint at a time, seen, judged and changed.</summary>
public sealed partial class WireModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
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
    public SchoolAdvice Advice => Review.SchoolsFor(Joint!);

    public JointPicture? Picture { get; private set; }

    /// <summary>What the rules of every stage say of the joint, and what those of Wire say of the circuit at its contacts and of the leads at its
    /// ends.</summary>
    public IEnumerable<Finding> Findings => Joint!.Findings.Concat(Review.Findings.Where(IsHere)).Distinct()
        .OrderByDescending(finding => finding.Severity);

    public ConnectorView FromView => View(From);

    public ConnectorView ToView => View(To);

    public static string Other(string view) => view == "wire" ? "mating" : "wire";

    public async Task<IActionResult> OnPostPinAsync(PinForm form)
    {
        if (!await LoadAsync() || Chosen is not { } chosen) return NotFound();
        var sort = PortSorts.Of(chosen.End.Port, chosen.End.Part.Kind);
        return form.Read(ModelState, chosen.Pin, sort) is { } pin ? await SaveAsync(new DescribePin(chosen.End.Id, pin)) : await InvalidAsync();
    }

    public Task<IActionResult> OnPostDecideAsync(JointMethod method, string? reason)
        => ChangeJointAsync(review => new DecideJoint(review.Joint.Id, method, reason.Trimmed()));

    public Task<IActionResult> OnPostTakeTableAsync()
        => ChangeJointAsync(review =>
            new TakeTable(review.Joint.Id, Rewiring.MadeMethod(review), [.. review.Proposal.Select(row => new Conductor(row.From, row.To))]));

    public async Task<IActionResult> OnPostTargetsAsync()
    {
        if (!await LoadAsync() || Joint is not { } review) return NotFound();
        return WireTargets.Changed(review, Request.Form, ModelState) is var (from, to)
            ? await SaveAsync(LeadContact.Lead(review, from, to))
            : ModelState.IsValid ? Redirect(Link(("handler", null))) : await InvalidAsync();
    }

    public Task<IActionResult> OnPostTieAsync(string? end, int one, int other)
    {
        if (end is not ("from" or "to")) ModelState.AddModelError("end", "Choose the end whose contacts are tied.");
        var isFrom = end == "from";
        return ChangeJointAsync(review => new TieContacts(review.Joint.Id, new LeadTie(new LeadEnd(isFrom, one), new LeadEnd(isFrom, other))));
    }

    public Task<IActionResult> OnPostUntieAsync(int index) => ChangeJointAsync(review => new RemoveTie(review.Joint.Id, index));

    public async Task<IActionResult> OnPostSchoolAsync(JointSchool school)
    {
        if (!await LoadAsync() || Joint is not { } review) return NotFound();
        if (Advice.Of(school) is not { } plan) return await InvalidAsync();
        return await SaveAsync(TakeSchool.Of(review.Joint.Id, plan, plan == Advice.Recommended ? Advice.Because : null));
    }

    public Task<IActionResult> OnPostRemoveWireAsync(int wireFrom, int wireTo) => ChangeJointAsync(review => new RemoveWire(review.Joint.Id, wireFrom, wireTo));

    public Task<IActionResult> OnPostRemoveJointAsync() => ChangeJointAsync(review => new RemoveJoint(review.Joint.Id));

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
        var drawn = Shown.Where(contact => contact.Judgement.Outcome != ContactOutcome.Idle);
        Picture = JointPicture.Of(Joint, drawn, FromView, ToView, isNarrow: Request.Cookies.ContainsKey("narrow"));
    }

    private bool IsHere(Finding finding) => finding.Subject switch
    {
        JointSubject { Joint: var joint } => joint == Joint!.Joint.Id,
        _ when finding.Rule.Stage != Stage => false,
        PinSubject { Port: var port } => port == Joint!.From.Id || port == Joint.To.Id,
        PortSubject { Port: var port } => port == Joint!.From.Id || port == Joint.To.Id,
        PartSubject { Part: var part } => part == Joint!.From.Part.Id || part == Joint.To.Part.Id,
        _ => false,
    };

    private async Task<IActionResult> ChangeJointAsync(Func<JointReview, GraftEdit> edit)
        => await LoadAsync() && Joint is { } review ? await SaveAsync(edit(review)) : NotFound();

    private static ConnectorView View(string side) => side == "wire" ? ConnectorView.WireSide : ConnectorView.MatingFace;
}
