namespace LooseGraft.Core.Facts;

/// <summary>A limit that rails of a usual supply share.</summary>
/// <param name="Rails">The rails.</param>
/// <param name="Watts">The most they carry together, in watts.</param>
public sealed record CombinedTemplate(IReadOnlyList<string> Rails, double Watts);
