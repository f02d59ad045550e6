using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Suggesting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>How ports come together: those that are chosen, and those that are offered.</summary>
public sealed partial class WireModel
{
    /// <summary>Ports that are in no joint yet and probably belong together.</summary>
    public ImmutableArray<LikelyJoint> Likely => field.IsDefault ? field = LikelyJoints.In(Graft) : field;

    public async Task<IActionResult> OnPostAddJointAsync(string? ports, string? otherPort)
    {
        if (!await LoadAsync()) return NotFound();
        if (PortId.Parse(ports ?? "") is not { } from || PortId.Parse(otherPort ?? "") is not { } to || from == to)
        {
            ModelState.AddModelError("ports", "Choose two different ports to bring together.");
            return await InvalidAsync();
        }

        var edit = new AddJoint(from, to);
        JointId = edit.IdIn(Snapshot.Graft);
        return await SaveAsync(edit);
    }

    public async Task<IActionResult> OnPostAddLikelyAsync(string[] pair)
    {
        if (!await LoadAsync()) return NotFound();
        // Not those that are shown: what they are is asked again once these are joints.
        var chosen = LikelyJoints.In(Graft).Where(each => pair.Contains($"{each.From} {each.To}")).ToValueList();
        if (!chosen.IsEmpty) return await SaveAsync(new AddJoints(chosen));
        ModelState.AddModelError("pair", "Tick a pair first; one that is not offered any more is joined already.");
        return await InvalidAsync();
    }
}
