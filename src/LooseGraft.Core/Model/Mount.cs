using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Something that stands on a plane and that a board rests on, or touches.</summary>
/// <param name="Id">Unique within the plane.</param>
/// <param name="Kind">What it is.</param>
/// <param name="At">Its middle, in the plane's frame.</param>
/// <param name="Height">How far it stands up.</param>
public sealed record Mount(string Id, MountKind Kind, PlanPoint At, Millimetres Height)
{
    /// <summary>How wide its top is.</summary>
    public Millimetres Across { get; init; } = new(6);

    /// <summary>Whether it conducts.</summary>
    public bool IsMetal { get; init; } = true;

    /// <summary>Whether it has a thread; null for what is usual of its kind: standoffs and studs have, a boss gets one, what is pressed or bent has
    /// none.</summary>
    public bool? IsThreaded { get; init; }

    /// <summary>Its thread; null when nobody looked, and for one without.</summary>
    public ScrewThread? Thread { get; init; }

    /// <summary>How deep its thread or bore goes from its top; null when nobody measured.</summary>
    public Millimetres? Deep { get; init; }

    /// <summary>How wide the bore is that a screw cuts its thread into; null when nobody measured.</summary>
    public Millimetres? Bore { get; init; }

    /// <summary>What was done with it.</summary>
    public MountState State { get; init; }

    /// <summary>Where its place is known from.</summary>
    public Evidence Evidence { get; init; } = Evidence.Assumed;

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>Whether a screw through a board's hole can hold in it.</summary>
    public bool TakesScrew => State != MountState.Removed && (IsThreaded ?? Kind is MountKind.Standoff or MountKind.Stud or MountKind.Boss);

    /// <summary>Whether it can still short what lies on it.</summary>
    public bool CanShort => IsMetal && State == MountState.AsFound;
}
