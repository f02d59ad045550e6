
namespace LooseGraft.Core.Model;

/// <summary>Edits of a graft. Each gives a new graft; what is named but not there leaves the graft as it is.</summary>
public static class GraftEdits
{
    /// <summary>Changes one part. A change of what lies between its contacts makes another lead of it: what was read of the old one is dropped.</summary>
    public static Graft WithPart(this Graft graft, string id, Func<Part, Part> change)
        => (graft with
        {
            Parts = Replace(graft.Parts, part => part.Id == id, part =>
            {
                var changed = change(part);
                return changed.Links == part.Links ? changed : changed with { Tests = [] };
            }),
        }).WithCoolingOfWhatIsThere();

    /// <summary>Takes out a part with everything that names it: its joints, what it feeds and what it draws.</summary>
    public static Graft WithoutPart(this Graft graft, string id)
    {
        var supplies = graft.Supplies.RemoveAll(supply => supply.Part == id);
        return (graft with
        {
            Parts = [.. graft.Parts.Where(part => part.Id != id).Select(part => part.InPlaceOf == id ? part with { InPlaceOf = null } : part)],
            Joints = graft.Joints.RemoveAll(joint => joint.From.Part == id || joint.To.Part == id),
            Supplies = [.. supplies.Select(
                supply => supply.Meant is { } input && supplies.All(other => other.Id != input.Supply) ? supply with { Meant = null } : supply)],
            Loads = [.. graft.Loads.Where(load => load.Part != id)
                .Select(load => load.Meant is { } meant && supplies.All(supply => supply.Id != meant.Supply) ? load with { Meant = null } : load)
                .Select(load => Off(load, through => through.Part == id))],
            OldCase = Unmet(graft.OldCase, id),
            OtherDonors = [.. graft.OtherDonors.Select(donor => donor with { OldCase = Unmet(donor.OldCase, id) })],
            Readings = graft.Readings.RemoveAll(reading => reading.Port.Part == id),
            // What was read through a supply says nothing of another.
            WallReadings = graft.WallReadings.RemoveAll(reading => reading.Supply is { } supply && supplies.All(other => other.Id != supply)),
            Photos = graft.Photos.RemoveAll(photo => photo.Part == id),
            Seating = graft.Seating.WithoutPart(id),
        }).WithCoolingOfWhatIsThere();
    }

    /// <summary>Changes one port.</summary>
    public static Graft WithPort(this Graft graft, PortId id, Func<Port, Port> change)
        => graft.WithPart(id.Part, part => part with { Ports = Replace(part.Ports, port => port.Id == id.Port, change) });

    /// <summary>Takes out a port with everything that names it: its joints, readings and photographs.</summary>
    public static Graft WithoutPort(this Graft graft, PortId id)
        => graft.WithPart(id.Part, part => part with
        {
            Ports = part.Ports.RemoveAll(port => port.Id == id.Port),
            Links = part.Links.RemoveAll(link => link.One.Port == id.Port || link.Other.Port == id.Port).WithoutOrphans(),
            Tests = part.Tests.RemoveAll(test => test.One.Port == id.Port || test.Other.Port == id.Port),
        }) with
        {
            Joints = graft.Joints.RemoveAll(joint => joint.From == id || joint.To == id),
            Loads = [.. graft.Loads.Select(load => Off(load, through => through == id))
                .Select(load => load.Part == id.Part ? load.WithoutSocket(id.Port) : load)],
            Supplies = [.. graft.Supplies.Select(supply => supply.Part == id.Part ? supply.WithoutPort(id.Port) : supply)],
            Readings = graft.Readings.RemoveAll(reading => reading.Port == id),
            Photos = graft.Photos.RemoveAll(photo => photo.Part == id.Part && photo.Port == id.Port),
            Seating = graft.Seating with { Runs = graft.Seating.Runs.RemoveAll(run => run.From.Port == id || run.To.Port == id) },
        };

    /// <summary>Changes one pin, described or not.</summary>
    public static Graft WithPin(this Graft graft, PortId port, int position, Func<Pin, Pin> change)
        => graft.WithPort(port, found => position < 1 || position > found.PositionCount ? found : found.With(change(found.PinAt(position))));

    /// <summary>Changes one joint. A change of its wires or its method makes another lead: what was read of the old one is dropped.</summary>
    public static Graft WithJoint(this Graft graft, string id, Func<Joint, Joint> change)
        => graft with
        {
            Joints = Replace(graft.Joints, joint => joint.Id == id, joint =>
            {
                var changed = change(joint);
                return changed.Method == joint.Method && changed.Wires == joint.Wires && changed.Ties == joint.Ties ? changed : changed with { Tests = [] };
            }),
        };

    /// <summary>Changes what one supply can give.</summary>
    public static Graft WithSupply(this Graft graft, string id, Func<Supply, Supply> change)
        => graft with { Supplies = Replace(graft.Supplies, supply => supply.Id == id, change) };

    /// <summary>Changes what one load takes from one rail, by a socket of its own or by none in particular.</summary>
    public static Graft WithDraw(this Graft graft, string load, string rail, string? socket, Func<Draw, Draw> change)
        => graft with
        {
            Loads = Replace(graft.Loads, found => found.Id == load,
                found => found with { Draws = Replace(found.Draws, draw => draw.Rail == rail && draw.Socket == socket, change) }),
        };

    /// <summary>A short id made from a name, not among those taken: <c>fan</c>, <c>fan-2</c>.</summary>
    /// <param name="name">Any text.</param>
    /// <param name="taken">Ids in use.</param>
    public static string FreshId(string name, IEnumerable<string> taken)
    {
        const int longest = 34;
        var letters = name.ToLowerInvariant().Select(character => char.IsAsciiLetterOrDigit(character) ? character : '-').ToArray();
        var words = new string(letters).Split('-', StringSplitOptions.RemoveEmptyEntries);
        var stem = string.Join('-', words);
        stem = stem.Length == 0 ? "thing" : stem[..Math.Min(stem.Length, longest)].TrimEnd('-');
        var used = taken.ToHashSet();
        return Enumerable.Range(1, int.MaxValue).Select(number => number == 1 ? stem : $"{stem}-{number}").First(id => !used.Contains(id));
    }

    /// <summary>The supply without the tie of its plugs to a port that is there no more.</summary>
    private static Supply WithoutPort(this Supply supply, string port) => supply with
    {
        Leads = [.. supply.Leads.Select(lead => lead with { Plugs = Replace(lead.Plugs, plug => plug.Port == port, plug => plug with { Port = null }) })],
    };

    private static ValueList<CaseAnswer> Unmet(ValueList<CaseAnswer> answers, string part)
        => [.. answers.Select(answer => answer.MetBy == part ? answer with { MetBy = null } : answer)];

    private static Load Off(Load load, Predicate<PortId> isGone)
        => load.Meant is { Through: { } through } meant && isGone(through) ? load with { Meant = meant with { Through = null } } : load;

    private static ValueList<T> Replace<T>(ValueList<T> items, Predicate<T> isMeant, Func<T, T> change)
        => [.. items.Select(item => isMeant(item) ? change(item) : item)];
}
