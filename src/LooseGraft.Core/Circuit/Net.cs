using System.Collections.Immutable;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>Contacts that are joined, and those of them that act. All contacts of one plane act as one.</summary>
internal sealed class Net
{
    /// <summary>So many acting contacts of a net are judged against each other. The desk of no builder joins more; a ground net has one for each
    /// part.</summary>
    public const int MostActors = 256;

    // Its roles, a bit for each kind.
    private readonly int _kinds;

    public Net(ImmutableArray<CircuitContact> contacts)
    {
        Contacts = contacts;
        var all = Acting(contacts);
        IsWhole = all.Length <= MostActors;
        // What gives, and what it must not reach, before the rest.
        Actors = IsWhole ? all
            : [.. all.OrderBy(actor => actor.Role.Feeds ? 0 : actor.Role.Kind == RoleKind.Ground ? 1 : 2).Take(MostActors)];
        foreach (var actor in Actors) _kinds |= 1 << (int)actor.Role.Kind;
        Feed = !Has(RoleKind.Source) && !Has(RoleKind.Rail)
            ? null
            : First(actor => actor.Role.Kind == RoleKind.Source) ?? First(actor => actor.Role.Kind == RoleKind.Rail);
        Held = Feed?.Role.Gives ?? (Has(RoleKind.Ground)
            || (Has(RoleKind.Driver) && First(actor => actor.Role is { Kind: RoleKind.Driver, Drive: Facts.SignalDrive.OpenToGround }) is not null)
                ? VoltSpan.Exactly(Volts.Zero) : null);
    }

    /// <summary>Whether all that act are among <see cref="Actors"/>.</summary>
    public bool IsWhole { get; }

    public ImmutableArray<CircuitContact> Contacts { get; }

    /// <summary>How many pairs of acting contacts there are to judge.</summary>
    public long Pairs => (long)Actors.Length * Actors.Length;

    /// <summary>Those that give, take, drive, listen, return, or are not known.</summary>
    public ImmutableArray<CircuitContact> Actors { get; }

    /// <summary>What gives this net its voltage: a source before a rail, which only passes on what it gets; null when nothing does.</summary>
    public CircuitContact? Feed { get; }

    /// <summary>The voltage it is held at: that of its feed, or zero on a return, or where something pulls it down; null where nothing holds it.</summary>
    public VoltSpan? Held { get; }

    /// <summary>Those that only conduct and are said to carry something.</summary>
    public IEnumerable<CircuitContact> Labelled
        => Contacts.Where(contact => contact is { Role.Kind: RoleKind.Passive, Signal.IsMeaningful: true });

    /// <summary>What every two of those that act do to each other, by what the two are alone.</summary>
    /// <remarks>Asked again and again of the same net; of small ones, which most are, it is kept.</remarks>
    public IReadOnlyList<Clash> Clashes => Actors.Length > FewActors ? AllClashes() : field ??= AllClashes();

    private List<Clash> AllClashes()
    {
        var found = new List<Clash>();
        for (var one = 0; one < Actors.Length; one++)
        {
            for (var other = one + 1; other < Actors.Length; other++)
            {
                if (Actors[one].Role.IsReturn && Actors[other].Role.IsReturn) continue;
                if (NetRules.Judge(Actors[one], Actors[other]) is not { } clash) continue;
                // With a supply on the net, what it does is told; without one, what the load lacks.
                if (clash.Kind is ConflictKind.LoadAtGround or ConflictKind.LoadOnSignal && Feed is not null) continue;
                found.Add(clash);
            }
        }

        return found;
    }

    /// <summary>Those that act and have a role.</summary>
    public IEnumerable<CircuitContact> Of(RoleKind kind) => Has(kind) ? Actors.Where(actor => actor.Role.Kind == kind) : [];

    /// <summary>Whether any that acts has a role.</summary>
    public bool Has(RoleKind kind) => (_kinds & (1 << (int)kind)) != 0;

    private CircuitContact? First(Func<CircuitContact, bool> isSo)
    {
        foreach (var actor in Actors)
        {
            if (isSo(actor)) return actor;
        }

        return null;
    }

    // Most nets are of a few contacts, and thousands of them are built for each edit: no more is made than is kept.
    private static ImmutableArray<CircuitContact> Acting(ImmutableArray<CircuitContact> contacts)
    {
        var acting = ImmutableArray.CreateBuilder<CircuitContact>(contacts.Length);
        HashSet<(string, string)>? planes = null;
        foreach (var contact in contacts)
        {
            if (contact.Role.Kind == RoleKind.Passive) continue;
            if (contact.Role.Kind is RoleKind.Driver or RoleKind.Input or RoleKind.Unknown || IsFirst(contact)) acting.Add(contact);
        }

        return acting.DrainToImmutable();

        bool IsFirst(CircuitContact contact)
        {
            if (planes is null && acting.Count < FewActors) return !HasPlaneOf(contact);
            planes ??= [.. acting.Select(other => (other.Part.Id, other.Signal.Name))];
            return planes.Add((contact.Part.Id, contact.Signal.Name));
        }

        bool HasPlaneOf(CircuitContact contact)
        {
            foreach (var other in acting)
            {
                if (other.Part.Id == contact.Part.Id && other.Signal.Name == contact.Signal.Name) return true;
            }

            return false;
        }
    }

    private const int FewActors = 8;
}
