using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>How a tray stands on another plane, as it is typed.</summary>
public sealed class StandForm
{
    [FromForm(Name = "standsOn")]
    public string? On { get; set; }

    [FromForm(Name = "standX")]
    public string? X { get; set; }

    [FromForm(Name = "standY")]
    public string? Y { get; set; }

    [FromForm(Name = "standTurn")]
    public string? Turn { get; set; }

    [FromForm(Name = "standHeight")]
    public string? Height { get; set; }

    /// <summary>What a plane may stand on; nothing where another stands on it.</summary>
    public static IEnumerable<MountPlane> Below(Seating seating, MountPlane plane)
        => seating.Planes.Any(other => other.Stand?.Plane == plane.Id) ? [] : seating.Planes.Where(other => other.Id != plane.Id && other.Stand is null);

    /// <summary>Reads it; null where it stands on nothing. What will not do is said at its field.</summary>
    public PlaneStand? Read(ModelStateDictionary errors, Seating seating, MountPlane plane)
    {
        if (On is null || Below(seating, plane).FirstOrDefault(below => below.Id == On) is not { } on) return null;
        var at = new PlanPoint(Place(errors, "standX", X), Place(errors, "standY", Y));
        var turn = Turn.Trimmed() is null ? 0 : FigureText.TryRead(Turn, "°") ?? double.NaN;
        if (!(Math.Abs(turn) <= 360)) errors.AddModelError("standTurn", $"“{Turn}” is not a turn. Type degrees from -360 to 360, counter-clockwise.");
        if (errors.OptionalLength("standHeight", Height, 0) is { } height) return new PlaneStand(on.Id, at, turn,
            height)
        { Unknown = plane.Stand?.Unknown ?? UnknownMembers.None };
        if (Height.Trimmed() is null) errors.AddModelError("standHeight", "How tall are the standoffs below the tray?");
        return null;
    }

    private static double Place(ModelStateDictionary errors, string field, string? text) => text.Trimmed() is null ? 0 : errors.Place(field, text);
}
