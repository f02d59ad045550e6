using System.Buffers.Binary;
using SkiaSharp;

namespace LooseGraft.Data.Photos;

/// <summary>Tells kinds of pictures whose decoders hold all of it at once, however small it is wanted.</summary>
internal static class PictureKind
{
    /// <summary>What the kind is called; null where a picture is decoded piece by piece.</summary>
    public static string? HeldWhole(SKEncodedImageFormat format, ReadOnlySpan<byte> file) => format switch
    {
        SKEncodedImageFormat.Png when IsInterlaced(file) => "an interlaced PNG",
        SKEncodedImageFormat.Jpeg when IsProgressive(file) => "a progressive JPEG",
        SKEncodedImageFormat.Webp when IsLossless(file) => "a lossless WebP",
        _ => null,
    };

    // PNG specification (ISO/IEC 15948), 11.2.1: the interlace method is the last byte of the header, which is the first chunk.
    private static bool IsInterlaced(ReadOnlySpan<byte> file) => file.Length > 28 && file[28] != 0;

    // ITU-T T.81, B.1.1.3: a frame begins with a marker, of which C2, C6, CA and CE are the progressive ones; all that comes before it is segments.
    private static bool IsProgressive(ReadOnlySpan<byte> file)
    {
        for (var at = 2; at + 4 <= file.Length && file[at] == 0xFF;)
        {
            var marker = file[at + 1];
            if (marker == 0xFF) at++;
            else if (marker is >= 0xC0 and <= 0xCF and not (0xC4 or 0xC8 or 0xCC)) return (marker & 3) == 2;
            else at += 2 + BinaryPrimitives.ReadUInt16BigEndian(file[(at + 2)..]);
        }

        return false;
    }

    // RFC 9649, 2.3 to 2.7: chunks of a name and a length, padded to an even one.
    private static bool IsLossless(ReadOnlySpan<byte> file)
    {
        for (long at = 12; at + 8 <= file.Length;)
        {
            var chunk = file[(int)at..];
            if (chunk.StartsWith("VP8L"u8)) return true;
            at += 8 + (BinaryPrimitives.ReadUInt32LittleEndian(chunk[4..]) + 1L) / 2 * 2;
        }

        return false;
    }
}
