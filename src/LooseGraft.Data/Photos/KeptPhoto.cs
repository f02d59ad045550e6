namespace LooseGraft.Data.Photos;

/// <summary>A picture fit to be kept.</summary>
/// <param name="Hash">SHA-256 of its bytes, 64 small hexadecimal digits.</param>
/// <param name="WidthPx">Width in pixels.</param>
/// <param name="HeightPx">Height in pixels.</param>
/// <param name="Jpeg">Its bytes.</param>
public sealed record KeptPhoto(string Hash, int WidthPx, int HeightPx, ReadOnlyMemory<byte> Jpeg);
