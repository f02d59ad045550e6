using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Pages;

/// <summary>What the air has not been told yet, in the order in which it matters.</summary>
public sealed partial class CoolModel
{
    private const int MostAsked = 8;

    /// <summary>What to tell next: what it is about, and the question.</summary>
    public IEnumerable<(Subject Of, string Question)> Asks => AllAsks().Take(MostAsked);

    private IEnumerable<(Subject Of, string Question)> AllAsks()
    {
        foreach (var part in Graft.Parts.Where(part => part.Kind == PartKind.Fan && FanOf(part.Id) is null))
            yield return (new PartSubject(part.Id), $"What does {part.Name} blow through?");
        foreach (var space in Cool.Scene.Spaces.Where(space => space.Size is null))
            yield return (new SpaceSubject(space.Id), $"How high is {space.Name} inside? Without it no heat goes through its walls.");
        foreach (var spot in Cool.Scene.Spots.Where(spot => !spot.IsSaid && spot.Kind is HotKind.Chip or HotKind.CardChip))
            yield return (new PartSubject(spot.Part), $"What cools the {(spot.Kind == HotKind.Chip ? spot.Name : $"chip of {spot.Name}")}?");
        foreach (var way in Cool.Scene.Ways.Where(way => Graft.FindVentOpening(way.Key) is not null && VentOf(way.Key) is null))
            yield return (new AirWaySubject(way.Key), $"What covers {way.Name}? It counts as open.");
        foreach (var spot in Cool.Scene.Spots.Where(spot => spot.IsStrict))
            yield return (new PartSubject(spot.Part), $"Has {spot.Name} something in it that turns?");
        if (Graft.Cooling.Room is null) yield return (Subject.Whole, "How warm is the room, and where does the shell stand?");
    }

    /// <summary>Whether nobody has read a temperature yet although all else is told.</summary>
    public bool AsksToRead => !Asks.Any() && Graft.Cooling.Readings.IsEmpty && Cool.IsBegun;

    /// <summary>The side of a fan's frame to begin with, as its name has it where Seat has no box of it; whoever places it sees it and may type
    /// another.</summary>
    public Millimetres? SizeFor(Part part)
        => part.Kind == PartKind.Fan && Graft.Seating.Boxes.All(box => box.Part != part.Id) && SizeInName().Match(part.Name) is { Success: true } found
            ? new Millimetres(double.Parse(found.Groups[1].Value, CultureInfo.InvariantCulture)) : null;

    [GeneratedRegex(@"\b(\d{2,3}) mm\b")]
    private static partial Regex SizeInName();

    /// <summary>What a graft says of an opening; null for nothing.</summary>
    public Vent? VentOf(string way) => Graft.Cooling.Vents.FirstOrDefault(vent => $"{vent.Plane}/{vent.Opening}" == way);

    /// <summary>The way as it is computed; null for one that is shut.</summary>
    public CoolWay? WayOf(string key) => Shown.Scene.Ways.FirstOrDefault(way => way.Key == key);
}
