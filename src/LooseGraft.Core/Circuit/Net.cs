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

    public Net(IReadOnlyList<CircuitContact> contacts)
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

    public IReadOnlyList<CircuitContact> Contacts { get; }

    /// <summary>How many pairs of acting contacts there are to judge.</summary>
    public long Pairs => (long)Actors.Length * Actors.Length;

    /// <summary>Those that give, take, drive, listen, return, or are not known.</summary>
    public ImmutableArray<CircuitContact> Actors { get; }

    /// <summary>What gives this net its voltage: a source before a rail, which only passes on what it gets; null when nothing does.</summary>
    public CircuitContact? Feed { get; }

    /// <summary>The voltage it is held at: that of its feed, or zero on a return, or where something pulls it down; null where nothing holds it.</summary>
    public VoltSpan? Held { get; }

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
    private static ImmutableArray<CircuitContact> Acting(IReadOnlyList<CircuitContact> contacts)
    {
        var acting = new List<CircuitContact>();
        HashSet<(string, string)>? planes = null;
        for (var at = 0; at < contacts.Count; at++)
        {
            var contact = contacts[at];
            if (contact.Role.Kind == RoleKind.Passive) continue;
            if (contact.Role.Kind is RoleKind.Driver or RoleKind.Input or RoleKind.Unknown || IsFirst(contact)) acting.Add(contact);
        }

        return [.. acting];

        bool IsFirst(CircuitContact contact)
        {
            if (planes is null && acting.Count < FewActors)
                return !acting.Exists(other => other.Part.Id == contact.Part.Id && other.Signal.Name == contact.Signal.Name);
            planes ??= [.. acting.Select(other => (other.Part.Id, other.Signal.Name))];
            return planes.Add((contact.Part.Id, contact.Signal.Name));
        }
    }

    private const int FewActors = 8;
}
