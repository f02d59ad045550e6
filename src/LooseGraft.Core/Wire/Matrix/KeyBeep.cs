namespace LooseGraft.Core.Wire.Matrix;

/// <summary>A key and the two contacts that beep while it is held.</summary>
/// <param name="Key">The key, as it is called.</param>
/// <param name="One">A contact of the ribbon, counted from 1.</param>
/// <param name="Other">The other.</param>
public sealed record KeyBeep(string Key, int One, int Other);
