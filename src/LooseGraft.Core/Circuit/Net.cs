using System.Collections.Immutable;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>Contacts that are joined, and those of them that act. All contacts of one plane act as one.</summary>
internal sealed class Net
{
    /// <summary>So many acting contacts of a net are judged against each other. The desk of no builder joins more; a ground net has one for each
    /// part.</summary>
    public const int MostActors = 256;

    public Net(IReadOnlyList<CircuitContact> contacts)
    {
        Contacts = contacts;
        ImmutableArray<CircuitContact> all = [.. contacts.Where(contact => contact.Role.Kind != RoleKind.Passive)
            .DistinctBy(contact => contact.Role.Kind is RoleKind.Driver or RoleKind.Input or RoleKind.Unknown
                ? (contact.Part.Id, "", contact.Index) : (contact.Part.Id, contact.Signal.Name, 0))];
        IsWhole = all.Length <= MostActors;
        // What gives, and what it must not reach, before the rest.
        Actors = IsWhole ? all
            : [.. all.OrderBy(actor => actor.Role.Feeds ? 0 : actor.Role.Kind == RoleKind.Ground ? 1 : 2).Take(MostActors)];
    }

    /// <summary>Whether all that act are among <see cref="Actors"/>.</summary>
    public bool IsWhole { get; }

    public IReadOnlyList<CircuitContact> Contacts { get; }

    /// <summary>Those that give, take, drive, listen, return, or are not known.</summary>
    public ImmutableArray<CircuitContact> Actors { get; }

    /// <summary>What gives this net its voltage: a source before a rail, which only passes on what it gets; null when nothing does.</summary>
    public CircuitContact? Feed => Of(RoleKind.Source).FirstOrDefault() ?? Of(RoleKind.Rail).FirstOrDefault();

    /// <summary>The voltage it is held at: that of its feed, or zero on a return, or where something pulls it down; null where nothing holds it.</summary>
    public VoltSpan? Held
        => Feed?.Role.Gives ?? (Of(RoleKind.Ground).Any() || Actors.Any(actor => actor.Role is { Kind: RoleKind.Driver, Drive: Facts.SignalDrive.OpenToGround })
        ? VoltSpan.Exactly(Volts.Zero) : null);

    public IEnumerable<CircuitContact> Of(RoleKind kind) => Actors.Where(actor => actor.Role.Kind == kind);
}
