namespace LooseGraft.Core.Circuit.Currents;

/// <summary>A conductor between two nodes.</summary>
/// <param name="One">One end.</param>
/// <param name="Other">The other.</param>
/// <param name="Siemens">How well it conducts, in siemens; above 0.</param>
internal readonly record struct Conductance(int One, int Other, double Siemens);
