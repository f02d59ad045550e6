using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Standing;

/// <summary>A stiff board that lies loose: on the three highest places that hold its middle between them, tilted to them. Where several three do, it rocks, and
/// the lowest counts.</summary>
internal sealed class RestingBoard
{
    private const double Rim = 1e-6;

    // 80 places give 82,160 threes; nobody lays a board on more, and all at the lowest is on the safe side.
    private const int MostPlaces = 80;

    private readonly ImmutableArray<PlanFace> _faces;

    private RestingBoard(ImmutableArray<PlanFace> faces) => _faces = faces;

    /// <summary>Lays a board down.</summary>
    /// <param name="places">Where something can carry it.</param>
    /// <param name="middle">Its middle, where its weight acts.</param>
    /// <returns>Null when no three of them hold its middle between them: it tips.</returns>
    public static RestingBoard? On(ImmutableArray<HeldPlace> places, PlanPoint middle)
    {
        if (places.Length > MostPlaces) places = [.. places.Take(MostPlaces).Select(place => place with { Height = places.Min(each => each.Height) })];
        // Most boards lie on mounts of one height, and every three of them tell the same; the widest tells it best.
        UInt128 Touched(PlanFace face) => places.Index().Where(pair => face.Height(pair.Item.At) - pair.Item.Height <= Rim)
            .Aggregate(UInt128.Zero, (all, pair) => all | (UInt128.One << pair.Index));
        var under = PlanFace.Among(places).Where(face => face.Holds(middle)).Select(face => (Face: face, Height: face.Height(middle))).ToArray();
        var highest = under.Select(pair => pair.Height).DefaultIfEmpty(double.NaN).Max();
        // Where the middle lies over the line between two, a third may be any: it is one that no other place stands above.
        ImmutableArray<PlanFace> faces = [.. under.Where(pair => pair.Height >= highest - Rim).Select(pair => pair.Face)
            .Where(face => places.All(place => place.Height <= face.Height(place.At) + Rim)).GroupBy(Touched).Select(same => same.MaxBy(face => face.Spread))];
        return faces.IsEmpty ? null : new RestingBoard(faces);
    }

    /// <summary>How high it stands at a place at the least, in millimetres.</summary>
    public double At(PlanPoint place) => _faces.Min(face => face.Height(place));
}
