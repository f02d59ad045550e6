using SkiaSharp;

namespace LooseGraft.Data.Photos;

/// <summary>Decodes a picture no larger than it has to be for what is kept of it, so that a large one takes little memory.</summary>
internal static class ReducedPicture
{
    // The steps in which a JPEG is decoded smaller; the others that are decoded smaller take any.
    private const int Steps = 8;
    private const int Channels = 4;

    // Parts of which one at a time is held at full size.
    private const int Bands = 8;

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

    // Each pixel is the mean of those it stands for, band by band: a PNG is decoded from its beginning for each, which costs time and saves memory.
    private static SKBitmap? Averaged(SKCodec codec)
    {
        var (from, longest) = (codec.Info.Size, Math.Max(codec.Info.Width, codec.Info.Height));
        if (longest < 2 * PhotoIntake.LongestSide) return Whole(codec, from);
        int Reduced(int side) => Math.Max(1, (int)Math.Round((double)side * PhotoIntake.LongestSide / longest));
        var bitmap = new SKBitmap(Info(Reduced(from.Width), Reduced(from.Height)));
        var rows = (bitmap.Height + Bands - 1) / Bands;
        for (var row = 0; row < bitmap.Height; row += rows)
        {
            var under = Math.Min(bitmap.Height, row + rows);
            var top = Edge(row, from.Height, bitmap.Height);
            using var band = Band(codec, top, Edge(under, from.Height, bitmap.Height));
            if (band is null)
            {
                bitmap.Dispose();
                return null;
            }

            for (var at = row; at < under; at++)
            {
                var (first, last) = (Edge(at, from.Height, bitmap.Height) - top, Edge(at + 1, from.Height, bitmap.Height) - top);
                var into = bitmap.GetPixelSpan().Slice(at * bitmap.RowBytes, bitmap.RowBytes);
                Average(band.GetPixelSpan()[(first * band.RowBytes)..(last * band.RowBytes)], from.Width, into);
            }
        }

        return bitmap;
    }

    // Where the pixels begin that one of fewer stands for.
    private static int Edge(int at, int from, int to) => (int)((long)at * from / to);

    private static SKBitmap? Band(SKCodec codec, int top, int bottom)
    {
        var lines = new SKBitmap(Info(codec.Info.Width, bottom - top));
        var options = new SKCodecOptions(new SKRectI(0, top, codec.Info.Width, bottom));
        if (codec.StartIncrementalDecode(Info(codec.Info.Width, codec.Info.Height), lines.GetPixels(), lines.RowBytes, options) == SKCodecResult.Success
            && codec.IncrementalDecode() == SKCodecResult.Success) return lines;
        lines.Dispose();
        return null;
    }

    private static void Average(ReadOnlySpan<byte> lines, int width, Span<byte> into)
    {
        var (rowBytes, pixels) = (width * Channels, into.Length / Channels);
        for (var pixel = 0; pixel < pixels; pixel++)
        {
            var (left, right) = (Edge(pixel, width, pixels) * Channels, Edge(pixel + 1, width, pixels) * Channels);
            for (var channel = 0; channel < Channels; channel++)
            {
                var sum = 0;
                for (var line = 0; line < lines.Length; line += rowBytes)
                {
                    for (var at = line + left + channel; at < line + right; at += Channels) sum += lines[at];
                }

                into[(pixel * Channels) + channel] = (byte)(sum / (lines.Length / rowBytes * ((right - left) / Channels)));
            }
        }
    }

    private static SKImageInfo Info(int width, int height) => new(width, height, SKColorType.Rgba8888, SKAlphaType.Premul);
}
