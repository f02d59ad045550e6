using SkiaSharp;

namespace LooseGraft.Trial;

/// <summary>Made-up photographs.</summary>
public static class Pictures
{
    /// <summary>The formats that are taken.</summary>
    public static IReadOnlyList<SKEncodedImageFormat> Formats { get; } = [SKEncodedImageFormat.Jpeg, SKEncodedImageFormat.Png, SKEncodedImageFormat.Webp];

    /// <summary>One that is not all of one colour, and yet small as a file.</summary>
    public static byte[] Made(int width, int height, SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgb565));
        var pixels = bitmap.GetPixelSpan();
        for (var index = 0; index < pixels.Length; index++) pixels[index] = (byte)((index / 256) ^ (index / (64 * width)));
        using var data = bitmap.Encode(format, 60);
        return data.ToArray();
    }
}
