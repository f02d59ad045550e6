using System.Buffers.Binary;
using System.Text;
using LooseGraft.Data.Photos;
using SkiaSharp;

namespace LooseGraft.Web.Tests;

/// <summary>What becomes of a picture that is sent: small, upright, and without anything but pixels; one at a time.</summary>
public sealed class PhotoIntakeTests
{
    private const string Secret = "GPS 53.1 N 8.2 E";

    // Orientation 6 in the camera's words: the row that is first is the right side.
    private static readonly byte[] TurnedRight =
        [.. "Exif\0\0MM\0*"u8, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0, 0, 0, 0, .. Encoding.ASCII.GetBytes(Secret)];

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Theory]
    [InlineData(SKEncodedImageFormat.Jpeg, 3000, 1500, 2400, 1200)]
    [InlineData(SKEncodedImageFormat.Webp, 3000, 1500, 2400, 1200)]
    [InlineData(SKEncodedImageFormat.Png, 3000, 1500, 2400, 1200)]
    [InlineData(SKEncodedImageFormat.Png, 5001, 2503, 2400, 1201)]
    [InlineData(SKEncodedImageFormat.Jpeg, 1200, 5000, 576, 2400)]
    [InlineData(SKEncodedImageFormat.Png, 2, 7300, 1, 2400)]
    [InlineData(SKEncodedImageFormat.Jpeg, 2400, 100, 2400, 100)]
    public async Task A_large_picture_is_made_smaller_and_looks_the_same(SKEncodedImageFormat format, int width, int height, int keptWidth, int keptHeight)
    {
        var kept = (await TakeAsync(Quarters(width, height, format))).Photo!;
        Assert.Equal((keptWidth, keptHeight), (kept.WidthPx, kept.HeightPx));
        using var seen = SKBitmap.Decode(kept.Jpeg.Span);
        foreach (var (x, y, colour) in new[]
        {
            (0.25, 0.25, SKColors.Red), (0.75, 0.25, SKColors.Lime), (0.25, 0.75, SKColors.Blue), (0.75, 0.75, SKColors.White),
        })
        {
            if (keptWidth == 1) continue;
            var pixel = seen.GetPixel((int)(x * keptWidth), (int)(y * keptHeight));
            Assert.InRange(Math.Abs(pixel.Red - colour.Red) + Math.Abs(pixel.Green - colour.Green) + Math.Abs(pixel.Blue - colour.Blue), 0, 30);
        }
    }

    [Fact]
    public async Task A_large_picture_that_ends_too_soon_is_refused()
    {
        foreach (var format in new[] { SKEncodedImageFormat.Png, SKEncodedImageFormat.Jpeg, SKEncodedImageFormat.Webp })
        {
            var whole = Quarters(5000, 2500, format);
            Assert.Equal("it is broken off or damaged", (await TakeAsync(whole[..(whole.Length / 2)])).Problem);
        }
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Png, 4001, "it is an interlaced PNG of 4001 × 4000 pixels, and those are taken up to 16 megapixels; save it as an ordinary JPEG")]
    [InlineData(SKEncodedImageFormat.Jpeg, 4001, "it is a progressive JPEG of 4001 × 4000 pixels, and those are taken up to 16 megapixels; save it as an ordinary JPEG")]
    [InlineData(SKEncodedImageFormat.Webp, 4001, "it is a lossless WebP of 4001 × 4000 pixels, and those are taken up to 16 megapixels; save it as an ordinary JPEG")]
    [InlineData(SKEncodedImageFormat.Png, 4000, "it is broken off or damaged")]
    [InlineData(SKEncodedImageFormat.Jpeg, 4000, "it is broken off or damaged")]
    [InlineData(SKEncodedImageFormat.Webp, 4000, null)] // of one colour, and so whole
    public async Task What_has_to_be_held_whole_is_taken_up_to_a_size(SKEncodedImageFormat format, int width, string? problem)
        => Assert.Equal(problem, (await TakeAsync(HeldWhole(format, width, 4000))).Problem);

    [Theory]
    [InlineData(5000, "it is broken off or damaged")]
    [InlineData(5001, "it is 10000 × 5001 pixels, and at most 50 megapixels are taken")]
    public async Task A_picture_is_taken_up_to_fifty_megapixels(int height, string problem)
        => Assert.Equal(problem, (await TakeAsync(PhotoPageTests.WithSize(Quarters(64, 64, SKEncodedImageFormat.Png), 10_000, height))).Problem);

    [Theory]
    [InlineData(0, "what is inside is not a picture, whatever its name says")]
    [InlineData(1, "it has 12.1 MiB, and at most 12 MiB are taken")]
    public async Task A_file_is_taken_up_to_twelve_mebibytes(int more, string problem)
        => Assert.Equal(problem, (await TakeAsync(new byte[PhotoIntake.LargestBytes + more])).Problem);

    [Theory]
    [InlineData(3, 3, null)]
    [InlineData(3, 4, "a lossless WebP")]
    [InlineData(4, 4, "a lossless WebP")]
    [InlineData(uint.MaxValue, 4, null)]
    public void Chunks_before_the_pixels_are_padded_to_an_even_length(uint said, int stands, string? kind)
    {
        byte[] length = new byte[4];
        BinaryPrimitives.WriteUInt32LittleEndian(length, said);
        byte[] file = [.. "RIFF....WEBPICCP"u8, .. length, .. new byte[stands], .. "VP8L...."u8];
        Assert.Equal(kind, PictureKind.HeldWhole(SKEncodedImageFormat.Webp, file));
    }

    [Fact]
    public async Task An_ordinary_picture_of_more_than_that_is_taken()
        => Assert.Null((await TakeAsync(Quarters(5000, 3300, SKEncodedImageFormat.Jpeg))).Problem);

    [Fact]
    public async Task What_the_camera_wrote_beside_the_pixels_is_followed_and_thrown_away()
    {
        var jpeg = Quarters(400, 200, SKEncodedImageFormat.Jpeg);
        byte[] comment = [0xFF, 0xFE, 0, (byte)(Secret.Length + 2), .. Encoding.ASCII.GetBytes(Secret)];
        byte[] told = [.. jpeg[..2], 0xFF, 0xE1, 0, (byte)(TurnedRight.Length + 2), .. TurnedRight, .. comment, .. jpeg[2..]];
        var kept = (await TakeAsync(told)).Photo!;
        Assert.Equal((200, 400), (kept.WidthPx, kept.HeightPx));
        using (var seen = SKBitmap.Decode(kept.Jpeg.Span)) Assert.True(seen.GetPixel(150, 100) is { Red: > 200, Green: < 60 });
        byte[] text = [0, 0, 0, (byte)Secret.Length, .. "tEXt"u8, .. Encoding.ASCII.GetBytes(Secret), 0, 0, 0, 0];
        var png = Quarters(400, 200, SKEncodedImageFormat.Png);
        foreach (var photo in new[] { kept, (await TakeAsync([.. png[..33], .. text, .. png[33..]])).Photo! })
        {
            Assert.DoesNotContain(Secret, Encoding.Latin1.GetString(photo.Jpeg.Span));
            Assert.DoesNotContain("Exif", Encoding.Latin1.GetString(photo.Jpeg.Span));
        }
    }

    [Fact]
    public async Task One_picture_is_taken_in_at_a_time()
    {
        var picture = Quarters(40, 20, SKEncodedImageFormat.Png);
        using var first = new WatchedStream(picture, isHeld: true);
        using var second = new WatchedStream(picture, isHeld: false);
        var one = Task.Run(() => PhotoIntake.TakeAsync(first, picture.Length, Cancellation), Cancellation);
        await first.Begun.Task;
        var other = PhotoIntake.TakeAsync(second, picture.Length, Cancellation);
        using var impatient = new CancellationTokenSource();
        var third = PhotoIntake.TakeAsync(second, picture.Length, impatient.Token);
        await impatient.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => third);
        Assert.False(other.IsCompleted || second.Begun.Task.IsCompleted);
        first.Release();
        Assert.NotNull((await one).Photo);
        Assert.NotNull((await other).Photo);
    }

    [Fact]
    public void An_address_is_never_a_path() => Assert.Null(new PhotoFolder("/tmp").Find("../../etc/passwd"));

    private static async Task<PhotoIntakeResult> TakeAsync(byte[] bytes) => await PhotoIntake.TakeAsync(new MemoryStream(bytes), bytes.Length, Cancellation);

    // A header alone, as far as the decoder looks before it is told the kind.
    private static byte[] HeldWhole(SKEncodedImageFormat format, int width, int height)
    {
        var file = format == SKEncodedImageFormat.Webp ? Lossless() : Quarters(64, 64, format);
        if (format == SKEncodedImageFormat.Png)
        {
            file[28] = 1;
            return PhotoPageTests.WithSize(file, width, height);
        }

        if (format == SKEncodedImageFormat.Jpeg)
        {
            var frame = file.AsSpan().IndexOf([(byte)0xFF, (byte)0xC0]);
            file[frame + 1] = 0xC2;
            BinaryPrimitives.WriteUInt16BigEndian(file.AsSpan(frame + 5), (ushort)height);
            BinaryPrimitives.WriteUInt16BigEndian(file.AsSpan(frame + 7), (ushort)width);
            return file;
        }

        // A signature of one byte, then 14 bits each of width and height less one.
        var at = file.AsSpan().IndexOf("VP8L"u8) + 9;
        var sizes = BinaryPrimitives.ReadUInt32LittleEndian(file.AsSpan(at)) >> 28 << 28;
        BinaryPrimitives.WriteUInt32LittleEndian(file.AsSpan(at), sizes | ((uint)(height - 1) << 14) | (uint)(width - 1));
        return file;
    }

    private static byte[] Lossless()
    {
        using var bitmap = new SKBitmap(64, 64);
        using var data = bitmap.PeekPixels().Encode(new SKWebpEncoderOptions(SKWebpEncoderCompression.Lossless, 75));
        return data!.ToArray();
    }

    private static byte[] Quarters(int width, int height, SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(width, height);
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(SKColors.White);
            foreach (var (x, y, colour) in new[] { (0, 0, SKColors.Red), (1, 0, SKColors.Lime), (0, 1, SKColors.Blue) })
            {
                using var paint = new SKPaint { Color = colour };
                canvas.DrawRect(x * width / 2f, y * height / 2f, width / 2f, height / 2f, paint);
            }
        }

        using var data = bitmap.Encode(format, 90);
        return data.ToArray();
    }

    /// <summary>An upload that says when it is read from, and may be held there.</summary>
    private sealed class WatchedStream(byte[] bytes, bool isHeld) : MemoryStream(bytes)
    {
        private readonly ManualResetEventSlim _go = new(!isHeld);

        public TaskCompletionSource Begun { get; } = new(TaskCreationOptions.RunContinuationsAsynchronously);

        public void Release() => _go.Set();

        public override int Read(byte[] buffer, int offset, int count)
        {
            Begun.TrySetResult();
            _go.Wait();
            return base.Read(buffer, offset, count);
        }

        protected override void Dispose(bool disposing)
        {
            if (disposing) _go.Dispose();
            base.Dispose(disposing);
        }
    }
}
