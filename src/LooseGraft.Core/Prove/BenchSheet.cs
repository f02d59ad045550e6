using System.Collections.Immutable;

namespace LooseGraft.Core.Prove;

/// <summary>The bench sheet on which a donor is proven alive, in the order of the work.</summary>
/// <param name="First">What to do before anything is unplugged.</param>
/// <param name="Least">The least it should start with.</param>
/// <param name="Without">What it must start without in its new life.</param>
/// <param name="Start">How to start it.</param>
/// <param name="Watch">What to watch.</param>
/// <param name="Settings">Firmware settings worth a look.</param>
public sealed record BenchSheet(
    ImmutableArray<string> First, ImmutableArray<string> Least, ImmutableArray<string> Without,
    ImmutableArray<string> Start, ImmutableArray<string> Watch, ImmutableArray<string> Settings);
