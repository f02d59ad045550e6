using SkiaSharp;

namespace LooseGraft.Data.Photos;

/// <summary>Decodes a picture no larger than it has to be for what is kept of it, so that a large one takes little memory.</summary>
internal static class ReducedPicture
{
    // The steps in which a JPEG is decoded smaller; the others that are decoded smaller take any.
    private const int Steps = 8;
    private const int Channels = 4;

    // Parts of which one at a time is held at full size.
    private const int Bands = 4;

    /// <summary>The picture, at least <see cref="PhotoIntake.LongestSide"/> pixels long where it has as many; null where it is broken off or damaged.</summary>
    public static SKBitmap? Of(SKCodec codec) => codec.EncodedFormat == SKEncodedImageFormat.Png ? Averaged(codec) : Scaled(codec);

    private static SKBitmap? Scaled(SKCodec codec)
    {
        var size = Enumerable.Range(1, Steps).Select(step => codec.GetScaledDimensions((float)step / Steps))
            .FirstOrDefault(size => Math.Max(size.Width, size.Height) >= PhotoIntake.LongestSide, codec.Info.Size);
        return Whole(codec, size);
    }

    private static SKBitmap? Whole(SKCodec codec, SKSizeI size)
    {
        var bitmap = new SKBitmap(Info(size.Width, size.Height));
        if (codec.GetPixels(bitmap.Info, bitmap.GetPixels()) == SKCodecResult.Success) return bitmap;
        bitmap.Dispose();
        return null;
    }

    // Squares of pixels become one, band by band: a PNG is decoded from its beginning for each, which costs time and saves memory.
    private static SKBitmap? Averaged(SKCodec codec)
    {
        var (size, side) = (codec.Info.Size, Math.Max(codec.Info.Width, codec.Info.Height) / PhotoIntake.LongestSide);
        if (side < 2) return Whole(codec, size);
        var bitmap = new SKBitmap(Info(Math.Max(1, size.Width / side), Math.Max(1, size.Height / side)));
        var rows = (bitmap.Height + Bands - 1) / Bands;
        for (var row = 0; row < bitmap.Height; row += rows)
        {
            var bottom = Math.Min(size.Height, (row + rows) * side);
            using var band = Band(codec, row * side, bottom);
            if (band is null)
            {
                bitmap.Dispose();
                return null;
            }

            var high = Math.Min(side, size.Height);
            for (var at = row; at < bitmap.Height && (at * side) + high <= bottom; at++)
            {
                Average(band.GetPixelSpan()[((at - row) * side * band.RowBytes)..], Math.Min(side, size.Width), high, band.RowBytes,
                    bitmap.GetPixelSpan().Slice(at * bitmap.RowBytes, bitmap.RowBytes));
            }
        }

        return bitmap;
    }

    private static SKBitmap? Band(SKCodec codec, int top, int bottom)
    {
        var lines = new SKBitmap(Info(codec.Info.Width, bottom - top));
        var options = new SKCodecOptions(new SKRectI(0, top, codec.Info.Width, bottom));
        if (codec.StartIncrementalDecode(Info(codec.Info.Width, codec.Info.Height), lines.GetPixels(), lines.RowBytes, options) == SKCodecResult.Success
            && codec.IncrementalDecode() == SKCodecResult.Success) return lines;
        lines.Dispose();
        return null;
    }

    private static void Average(ReadOnlySpan<byte> lines, int wide, int high, int rowBytes, Span<byte> into)
    {
        for (var at = 0; at < into.Length; at++)
        {
            var sum = 0;
            var first = (at / Channels * wide * Channels) + (at % Channels);
            for (var y = 0; y < high; y++)
            {
                for (var x = 0; x < wide; x++) sum += lines[(y * rowBytes) + first + (x * Channels)];
            }

            into[at] = (byte)(sum / (wide * high));
        }
    }

    private static SKImageInfo Info(int width, int height) => new(width, height, SKColorType.Rgba8888, SKAlphaType.Premul);
}
