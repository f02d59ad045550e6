
namespace LooseGraft.Core.Model;

/// <summary>Edits of what is placed. Each gives a new value; what is named but not there leaves it as it is.</summary>
public static class SeatEdits
{
    /// <summary>Changes the seating of a graft. What its air was told of a plane or an opening goes with it.</summary>
    public static Graft WithSeating(this Graft graft, Func<Seating, Seating> change)
        => (graft with { Seating = change(graft.Seating) }).WithCoolingOfWhatIsThere();

    /// <summary>Changes one plane.</summary>
    public static Seating WithPlane(this Seating seating, string id, Func<MountPlane, MountPlane> change)
        => seating with { Planes = [.. seating.Planes.Select(plane => plane.Id == id ? change(plane) : plane)] };

    /// <summary>Changes one mount of a plane.</summary>
    public static Seating WithMount(this Seating seating, string plane, string mount, Func<Mount, Mount> change)
        => seating.WithPlane(plane, found => found with { Mounts = [.. found.Mounts.Select(each => each.Id == mount ? change(each) : each)] });

    /// <summary>Seats a board, or seats it anew.</summary>
    public static Seating WithSeat(this Seating seating, BoardSeat seat)
        => seating with { Seats = [.. seating.Seats.Where(other => other.Part != seat.Part), seat] };

    /// <summary>Takes a board off its plane, with the boxes that stand on it.</summary>
    public static Seating WithoutSeat(this Seating seating, string part) => seating with
    {
        Seats = seating.Seats.RemoveAll(seat => seat.Part == part),
        Boxes = seating.Boxes.RemoveAll(box => box.On == part),
    };

    /// <summary>Takes out a part with everything that names it.</summary>
    public static Seating WithoutPart(this Seating seating, string part)
    {
        var without = seating.WithoutSeat(part);
        return without with
        {
            Boxes = [.. without.Boxes.Select(box => box.Part == part ? box with { Part = null } : box)],
            Runs = without.Runs.RemoveAll(run => run.From.Port?.Part == part || run.To.Port?.Part == part),
            Surveys = without.Surveys.RemoveAll(survey => survey.Of == part),
            Photos = without.Photos.RemoveAll(photo => photo.Of == part),
        };
    }

    /// <summary>Takes out a plane with everything that stands on it.</summary>
    public static Seating WithoutPlane(this Seating seating, string plane)
    {
        var bare = seating.Seats.Where(seat => seat.Plane == plane).Aggregate(seating, (left, seat) => left.WithoutSeat(seat.Part));
        return bare with
        {
            Planes = [.. bare.Planes.Where(each => each.Id != plane).Select(each => each.Stand?.Plane == plane ? each with { Stand = null } : each)],
            Boxes = bare.Boxes.RemoveAll(box => box.On == plane),
            Runs = bare.Runs.RemoveAll(run => run.Plane == plane),
            Surveys = bare.Surveys.RemoveAll(survey => survey.Of == plane),
            Photos = bare.Photos.RemoveAll(photo => photo.Of == plane),
        };
    }

    /// <summary>Writes down what was measured of a part or a plane; nothing measured takes the survey out.</summary>
    public static Seating WithSurvey(this Seating seating, string of, ValueList<SurveySpan> spans)
    {
        var others = seating.Surveys.RemoveAll(survey => survey.Of == of);
        return seating with { Surveys = spans.IsEmpty ? others : others.Add(new Survey(of, spans)) };
    }
}
