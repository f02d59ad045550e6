using System.Text.RegularExpressions;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Edits;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>Where on a header a plug is pushed on as it is.</summary>
public sealed partial class WireModel
{
    // Of a wide header all are no help to read.
    private const int MostTold = 8;

    /// <summary>The places that the plug of the joint may have; none where it is not pushed on, or may not be.</summary>
    public IReadOnlyList<PlugPlace> Places
        => Joint is { Joint.Method: JointMethod.Straight } review ? [.. PlugPlaces.Of(review.From.Port, review.To.Port)] : [];

    /// <summary>Whether the plug of the joint is a loose lead, which is put where it is wanted.</summary>
    public bool IsLoose => Joint!.To.Port.PositionCount <= PlugPlaces.MostLoose && Joint.From.Port.PositionCount > Joint.To.Port.PositionCount;

    /// <summary>The place it has now; null when it hangs over the edge.</summary>
    public static PlugPlace? Standing(Joint joint, IEnumerable<PlugPlace> places)
        => places.FirstOrDefault(place => (place.PinOneOn, place.TurnDegrees) == (joint.PinOneOn, joint.TurnDegrees));

    public async Task<IActionResult> OnPostPlaceAsync(string? on)
    {
        if (!await LoadAsync() || Joint is not { } review) return NotFound();
        var typed = NumberPattern().Matches(on ?? "").Select(match => int.TryParse(match.Value, out var number) ? number : 0).ToValueList();
        var places = Places;
        var place = places.FirstOrDefault(place => place.On == typed)
            ?? places.FirstOrDefault(place => typed is [var first] && place.TurnDegrees == 0 && place.PinOneOn == first);
        if (place is not null) return await SaveAsync(new PlacePlug(review.Joint.Id, place.PinOneOn, place.TurnDegrees));
        var more = places.Count > MostTold ? $", and {places.Count - MostTold} more ways" : "";
        ModelState.AddModelError("on", $"{review.To.Port.Name} does not go there: its {review.To.Port.PositionCount} positions lie side by side. "
            + $"It goes {string.Join("; ", places.Take(MostTold).Select(each => each.Words))}{more}.");
        return await InvalidAsync();
    }

    /// <summary>A contact was drawn to another: a loose lead is put there as it is, of any other plug the wire is led there.</summary>
    public Task<IActionResult> OnPostAddWireAsync(int wireFrom, int wireTo)
        => ChangeJointAsync(review => review.Joint.Method == JointMethod.Straight && IsLoose && wireTo >= 1 && wireTo <= review.To.Port.PositionCount
            && PlugPlaces.Bringing(review, wireFrom, wireTo) is { } place
                ? new PlacePlug(review.Joint.Id, place.PinOneOn, place.TurnDegrees)
                : LeadContact.Move(review, wireFrom, wireTo));

    [GeneratedRegex("[0-9]+")]
    private static partial Regex NumberPattern();
}
