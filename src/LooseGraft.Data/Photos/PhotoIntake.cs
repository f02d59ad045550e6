using System.Security.Cryptography;
using SkiaSharp;

namespace LooseGraft.Data.Photos;

/// <summary>Makes an uploaded picture fit to be kept: its type is told by its content, its size is bounded, and it is written anew without anything but
/// pixels.</summary>
public static class PhotoIntake
{
    /// <summary>Bytes of the largest upload: 12 MiB, what a telephone makes of one photograph at most.</summary>
    public const int LargestBytes = 12 * 1024 * 1024;

    /// <summary>Pixels of the largest picture that is decoded: 50 megapixels, 200 MB of memory for a moment.</summary>
    public const long MostPixels = 50_000_000;

    /// <summary>Pixels along the longer side of what is kept: enough to read a part's printing.</summary>
    public const int LongestSide = 2400;

    private const int Quality = 85;

    private static readonly SKEncodedImageFormat[] Taken = [SKEncodedImageFormat.Jpeg, SKEncodedImageFormat.Png, SKEncodedImageFormat.Webp];

    /// <summary>Takes a picture in.</summary>
    /// <param name="bytes">The upload.</param>
    /// <returns>What to keep, or why not.</returns>
    public static PhotoIntakeResult Take(byte[] bytes)
    {
        if (bytes.Length > LargestBytes)
            return PhotoIntakeResult.Refused($"it has {bytes.Length / 1048576.0:0.#} MiB, and at most {LargestBytes / 1048576} MiB are taken");
        using var data = SKData.CreateCopy(bytes);
        using var codec = SKCodec.Create(data);
        if (codec is null) return PhotoIntakeResult.Refused("what is inside is not a picture, whatever its name says");
        if (!Taken.Contains(codec.EncodedFormat))
            return PhotoIntakeResult.Refused($"it is a {codec.EncodedFormat.ToString().ToUpperInvariant()} picture; JPEG, PNG and WebP are taken");
        var (width, height) = (codec.Info.Width, codec.Info.Height);
        if ((long)width * height > MostPixels)
            return PhotoIntakeResult.Refused($"it is {width} × {height} pixels, and at most {MostPixels / 1_000_000} megapixels are taken");
        using var decoded = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Premul));
        if (codec.GetPixels(decoded.Info, decoded.GetPixels()) != SKCodecResult.Success) return PhotoIntakeResult.Refused("it is broken off or damaged");
        using var upright = Upright(decoded, codec.EncodedOrigin);
        using var image = SKImage.FromBitmap(upright);
        using var encoded = image.Encode(SKEncodedImageFormat.Jpeg, Quality);
        var kept = encoded.ToArray();
        return new PhotoIntakeResult(new KeptPhoto(Convert.ToHexStringLower(SHA256.HashData(kept)), upright.Width, upright.Height, kept), null);
    }

    // A telephone writes how it was held beside the pixels; what is kept stands upright by itself, on white where it was clear.
    private static SKBitmap Upright(SKBitmap bitmap, SKEncodedOrigin origin)
    {
        var isTurned = origin is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom or SKEncodedOrigin.LeftBottom;
        var (width, height) = isTurned ? (bitmap.Height, bitmap.Width) : (bitmap.Width, bitmap.Height);
        var scale = Math.Min(1f, (float)LongestSide / Math.Max(width, height));
        var upright = new SKBitmap(
            Math.Max(1, (int)MathF.Round(width * scale)), Math.Max(1, (int)MathF.Round(height * scale)), SKColorType.Rgba8888, SKAlphaType.Opaque);
        using var canvas = new SKCanvas(upright);
        canvas.Clear(SKColors.White);
        canvas.Scale((float)upright.Width / width, (float)upright.Height / height);
        canvas.Concat(Turn(origin, bitmap.Width, bitmap.Height));
        using var image = SKImage.FromBitmap(bitmap);
        canvas.DrawImage(image, 0, 0, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        return upright;
    }

    private static SKMatrix Turn(SKEncodedOrigin origin, int width, int height) => origin switch
    {
        SKEncodedOrigin.TopRight => new SKMatrix(-1, 0, width, 0, 1, 0, 0, 0, 1),
        SKEncodedOrigin.BottomRight => new SKMatrix(-1, 0, width, 0, -1, height, 0, 0, 1),
        SKEncodedOrigin.BottomLeft => new SKMatrix(1, 0, 0, 0, -1, height, 0, 0, 1),
        SKEncodedOrigin.LeftTop => new SKMatrix(0, 1, 0, 1, 0, 0, 0, 0, 1),
        SKEncodedOrigin.RightTop => new SKMatrix(0, -1, height, 1, 0, 0, 0, 0, 1),
        SKEncodedOrigin.RightBottom => new SKMatrix(0, -1, height, -1, 0, width, 0, 0, 1),
        SKEncodedOrigin.LeftBottom => new SKMatrix(0, 1, 0, -1, 0, width, 0, 0, 1),
        _ => SKMatrix.Identity,
    };
}
