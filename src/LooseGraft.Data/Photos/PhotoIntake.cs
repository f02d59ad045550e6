using System.Security.Cryptography;
using SkiaSharp;

namespace LooseGraft.Data.Photos;

/// <summary>Makes an uploaded picture fit to be kept: its type is told by its content, its size is bounded, and it is written anew without anything but
/// pixels.</summary>
public static class PhotoIntake
{
    /// <summary>Bytes of the largest upload: 12 MiB, what a telephone makes of one photograph at most.</summary>
    public const int LargestBytes = 12 * 1024 * 1024;

    /// <summary>Pixels of the largest picture that is taken.</summary>
    public const long MostPixels = 50_000_000;

    /// <summary>Pixels of the largest picture that has to be held whole while it is decoded.</summary>
    public const long MostPixelsAtOnce = 16_000_000;

    /// <summary>Pixels along the longer side of what is kept: enough to read a part's printing.</summary>
    public const int LongestSide = 2400;

    private const int Quality = 85;

    private static readonly SKEncodedImageFormat[] Taken = [SKEncodedImageFormat.Jpeg, SKEncodedImageFormat.Png, SKEncodedImageFormat.Webp];

    // Pictures are large while they are decoded; whoever sends one waits for the one before.
    private static readonly SemaphoreSlim OneAtATime = new(1);

    /// <summary>Takes a picture in, when its turn comes.</summary>
    /// <param name="upload">The upload, from its beginning.</param>
    /// <param name="length">Its length in bytes.</param>
    /// <param name="cancellation">Gives up waiting.</param>
    /// <returns>What to keep, or why not.</returns>
    public static async Task<PhotoIntakeResult> TakeAsync(Stream upload, long length, CancellationToken cancellation)
    {
        if (length > LargestBytes)
            return PhotoIntakeResult.Refused($"it has {Math.Ceiling(length / 104857.6) / 10:0.#} MiB, and at most {LargestBytes / 1048576} MiB are taken");
        await OneAtATime.WaitAsync(cancellation);
        try
        {
            using var data = SKData.Create(upload, (int)length);
            return Take(data);
        }
        finally
        {
            OneAtATime.Release();
        }
    }

    private static PhotoIntakeResult Take(SKData data)
    {
        using var codec = SKCodec.Create(data);
        if (codec is null) return PhotoIntakeResult.Refused("what is inside is not a picture, whatever its name says");
        if (!Taken.Contains(codec.EncodedFormat))
            return PhotoIntakeResult.Refused($"it is a {codec.EncodedFormat.ToString().ToUpperInvariant()} picture; JPEG, PNG and WebP are taken");
        var (width, height) = (codec.Info.Width, codec.Info.Height);
        if ((long)width * height > MostPixels)
            return PhotoIntakeResult.Refused($"it is {width} × {height} pixels, and at most {MostPixels / 1_000_000} megapixels are taken");
        if ((long)width * height > MostPixelsAtOnce && PictureKind.HeldWhole(codec.EncodedFormat, data.Span) is { } kind)
            return PhotoIntakeResult.Refused(
                $"it is {kind} of {width} × {height} pixels, and those are taken up to {MostPixelsAtOnce / 1_000_000} megapixels; save it as an ordinary JPEG");
        var decoded = ReducedPicture.Of(codec);
        if (decoded is null) return PhotoIntakeResult.Refused("it is broken off or damaged");
        using var upright = Upright(decoded, codec.EncodedOrigin, Math.Min(LongestSide, Math.Max(width, height)));
        using var image = Drawn(upright);
        using var encoded = image.Encode(SKEncodedImageFormat.Jpeg, Quality);
        var kept = encoded.ToArray();
        return new PhotoIntakeResult(new KeptPhoto(Convert.ToHexStringLower(SHA256.HashData(kept)), upright.Width, upright.Height, kept), null);
    }

    // A telephone writes how it was held beside the pixels; what is kept stands upright by itself, on white where it was clear.
    private static SKBitmap Upright(SKBitmap decoded, SKEncodedOrigin origin, int longer)
    {
        using var bitmap = decoded;
        var scale = (double)longer / Math.Max(bitmap.Width, bitmap.Height);
        var isTurned = origin is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom or SKEncodedOrigin.LeftBottom;
        var (width, height) = isTurned ? (bitmap.Height, bitmap.Width) : (bitmap.Width, bitmap.Height);
        var upright = new SKBitmap(
            Math.Max(1, (int)Math.Round(width * scale)), Math.Max(1, (int)Math.Round(height * scale)), SKColorType.Rgba8888, SKAlphaType.Opaque);
        using var canvas = new SKCanvas(upright);
        canvas.Clear(SKColors.White);
        canvas.Scale((float)upright.Width / width, (float)upright.Height / height);
        canvas.Concat(Turn(origin, bitmap.Width, bitmap.Height));
        using var image = Drawn(bitmap);
        canvas.DrawImage(image, 0, 0, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        return upright;
    }

    // Of pixels that might still change a copy would be made.
    private static SKImage Drawn(SKBitmap bitmap)
    {
        bitmap.SetImmutable();
        return SKImage.FromBitmap(bitmap);
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
