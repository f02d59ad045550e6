using LooseGraft.Core.Cool.Edits;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Cures;

/// <summary>Changes of fans. That of a supply or card stays as it is: nobody opens a supply.</summary>
internal static class FanCures
{
    // An opening of less than half a fan's own area strangles it.
    private const double LeastOpening = 0.5;

    private static readonly (double Size, PartTemplate Template)[] Sizes =
        [.. new[] { 80, 92, 120, 140 }.Select(size => ((double)size, PartTemplate.Find($"fan-{size}-4")!))];

    public static IEnumerable<Cure> Of(Graft graft, CoolScene scene, IReadOnlyList<int> ways, HotSpot spot)
    {
        var own = scene.Fans.Where(fan => graft.IsOwnFan(fan.Part)).ToArray();
        var free = ways.Where(way => scene.Ways[way].IsToRoom && scene.Fans.All(fan => fan.Way != way)).Select(way => scene.Ways[way]).ToArray();
        return
        [
            .. own.SelectMany(fan => Turned(graft, fan)), .. own.SelectMany(fan => Moved(graft, scene, fan, free)),
            .. own.SelectMany(fan => InFull(graft, fan)), .. own.SelectMany(fan => Larger(graft, scene, fan)),
            .. free.SelectMany(way => Another(graft, scene, way)), .. Stirring(graft, scene, spot),
        ];
    }

    /// <summary>Fewer volts, for quiet.</summary>
    public static IEnumerable<Cure> Slower(Graft graft, CoolScene scene)
        => from fan in scene.Fans
           where graft.IsOwnFan(fan.Part) && fan.Board is null && fan.Volts > fan.StartVolts
           select new Cure(CureSort.SlowFan, new PartSubject(fan.Part), $"Run {fan.Name} on {new Volts(fan.StartVolts)}",
               new PlaceFan(PlaceOf(graft, fan) with { Volts = new(fan.StartVolts) }));

    private static FanPlace PlaceOf(Graft graft, CoolFan fan) => graft.Cooling.Fans.First(place => place.Part == fan.Part);

    private static AirDirection Back(AirDirection blows) => blows == AirDirection.In ? AirDirection.Out : AirDirection.In;

    private static IEnumerable<Cure> Turned(Graft graft, CoolFan fan)
    {
        if (PlaceOf(graft, fan).Way is not { } way) yield break;
        yield return new Cure(CureSort.TurnFan, new PartSubject(fan.Part), $"Turn {fan.Name} round, to blow {graft.Towards(way, Back(fan.Blows))}",
            new PlaceFan(PlaceOf(graft, fan) with { Blows = Back(fan.Blows) }));
    }

    private static IEnumerable<Cure> Moved(Graft graft, CoolScene scene, CoolFan fan, CoolWay[] free)
        => from way in free
           where Fits(scene, way, fan.SizeMm)
           from blows in Enum.GetValues<AirDirection>()
           select new Cure(CureSort.MoveFan, new PartSubject(fan.Part), $"Mount {fan.Name} in {way.Name}, to blow {graft.Towards(way.Key, blows)}",
               new PlaceFan(PlaceOf(graft, fan) with { Way = way.Key, Blows = blows, Gap = null, IsBehind = false }))
           { Rivals = $"move {fan.Part}" };

    private static IEnumerable<Cure> InFull(Graft graft, CoolFan fan)
    {
        if (fan.VoltsShare >= 1 && fan.Board is null) yield break;
        yield return new Cure(CureSort.FullSpeed, new PartSubject(fan.Part), $"Run {fan.Name} in full, on {new Volts(fan.Rated)}",
            new PlaceFan(PlaceOf(graft, fan) with { Volts = new(fan.Rated), Run = FanRun.Full }));
    }

    private static IEnumerable<Cure> Larger(Graft graft, CoolScene scene, CoolFan fan)
    {
        if (fan.Way is not { } at || PlaceOf(graft, fan).Kind != FanKind.Axial) yield break;
        foreach (var (size, template) in Sizes.Where(each => each.Size > fan.SizeMm && HasRoom(scene, scene.Ways[at], each.Size)).Take(2))
        {
            yield return new Cure(CureSort.LargerFan, new PartSubject(fan.Part), FormattableString.Invariant($"A fan of {size:0} mm in the place of {fan.Name}"),
                new FitFan(template, Named(size, scene.Ways[at]), fan.Part, scene.Ways[at].Key, fan.Blows, size));
        }
    }

    private static IEnumerable<Cure> Another(Graft graft, CoolScene scene, CoolWay way)
        => from size in Sizes
           where Fits(scene, way, size.Size)
           from blows in Enum.GetValues<AirDirection>()
           select new Cure(CureSort.AnotherFan, new AirWaySubject(way.Key),
               FormattableString.Invariant($"One more fan, of {size.Size:0} mm, in {way.Name}, to blow {graft.Towards(way.Key, blows)}"),
               new FitFan(size.Template, Named(size.Size, way), null, way.Key, blows, size.Size))
           { Rivals = $"another {way.Key}" };

    private static IEnumerable<Cure> Stirring(Graft graft, CoolScene scene, HotSpot spot)
    {
        if (spot.Space < 0 || spot.Cooler is not { HasFan: false } || scene.Spaces[spot.Space] is not { Size: { } inside } space) yield break;
        var (size, template) = Sizes[0];
        if (Math.Max(inside.Width.Value, inside.Depth.Value) < size || inside.Height.Value < size) yield break;
        yield return new Cure(CureSort.StirringFan, new SpaceSubject(space.Id), $"A fan of {size:0} mm that blows at {graft.NameOf(spot.Part)}",
            new FitFan(template, FormattableString.Invariant($"Fan, {size:0} mm, inside {space.Name}"), null, null, AirDirection.In, size, space.Id));
    }

    private static string Named(double size, CoolWay way) => FormattableString.Invariant($"Fan, {size:0} mm, in {way.Name}");

    private static bool Fits(CoolScene scene, CoolWay way, double size)
        => way.AreaM2 * 1e6 >= LeastOpening * Math.PI / 4 * size * size && HasRoom(scene, way, size);

    // The frame has to stand in its wall: the space is at least as large across in two directions.
    private static bool HasRoom(CoolScene scene, CoolWay way, double size)
    {
        if (scene.Spaces[way.Inside].Size is not { } inside) return true;
        double[] sides = [.. new[] { inside.Width.Value, inside.Depth.Value, inside.Height.Value }.Order()];
        return way.Wall is null or PlaneWall.Floor ? sides[1] >= size : inside.Height.Value >= size && sides[1] >= size;
    }
}
