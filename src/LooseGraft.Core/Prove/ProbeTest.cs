using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>One way of proving a contact: what to set, where the probes go, and what a reading means.</summary>
/// <param name="Mode">What the instrument is set to.</param>
/// <param name="Power">Whether power is applied.</param>
/// <param name="Red">The position under the red probe.</param>
/// <param name="Black">The position under the black probe; null for the ground of the machine: bare metal of a screw hole or of a socket's shell.</param>
/// <param name="Steps">What to do, in order.</param>
/// <param name="Meanings">What a reading means.</param>
/// <param name="Caution">What can go wrong, before the steps; null when nothing can.</param>
public sealed record ProbeTest(
    MeterMode Mode, PowerState Power, int Red, int? Black, ImmutableArray<string> Steps, ImmutableArray<ReadingMeaning> Meanings, string? Caution);
