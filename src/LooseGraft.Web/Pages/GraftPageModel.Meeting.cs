using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What is said when two windows changed one graft.</summary>
public abstract partial class GraftPageModel
{
    // What another window did meanwhile, and what became worse by it without this one having done it. A review that is not there soon is not waited for.
    private async Task<string> BesideAsync(Meanwhile met, GraftSnapshot both)
    {
        const int told = 3;
        var more = met.CameIn.Length > told ? string.Create(CultureInfo.InvariantCulture, $", and {met.CameIn.Length - told} more") : "";
        var came = $" Came in from another window: {string.Join("; ", met.CameIn.Take(told))}{more}.";
        var job = reviews.Ask(both);
        if (!await job.IsDoneWithinAsync(reviews.Patience, Aborted)) return came;
        var stands = (await job.WaitAsync(Aborted)).Wire;
        var worse = Worsened.Joints(WireStage.Review(met.Yours.InUse(), stands), stands);
        return worse.IsEmpty ? came : $"{came} By both together the joint of {worse[0].From.Port.Name} now {worse[0].Verdict.Words}: look at it before you go on.";
    }

    private async Task<IActionResult> CollideAsync(GraftSnapshot current, string yours, string theirs, Meanwhile? met = null)
    {
        var fields = Request.Form.Where(field => field.Key is not ("__RequestVerificationToken" or nameof(Revision)))
            .Select(field => KeyValuePair.Create(field.Key, field.Value.ToString())).ToArray();
        Collision = new Collision(yours, theirs, met?.Meeting.Clashes ?? [], met?.CameIn ?? [], fields, Link(("handler", Request.Query["handler"].ToString())));
        await ShowAsync(current);
        // What was changed may have gone meanwhile, and its page with it.
        if (!IsThere) return NotFound();
        Response.StatusCode = StatusCodes.Status409Conflict;
        return Page();
    }
}
