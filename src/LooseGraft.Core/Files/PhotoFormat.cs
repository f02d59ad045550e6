using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How photographs are written; the pictures themselves are no part of a file.</summary>
internal static class PhotoFormat
{
    private static readonly IntegerCodec Position = new(1, GraftFileLimits.Positions);
    public static readonly ObjectCodec<PhotoMark> PhotoMark = DescribePhotoMark();
    public static readonly ObjectCodec<Photo> Photo = DescribePhoto();

    private static Codec<string> PictureHash => new TextCodec(64, pattern: "^[0-9a-f]{64}$", patternWords: "64 small hexadecimal digits");

    private static IntegerCodec Pixels => new(1, GraftFileLimits.PhotoPixels);

    private static ObjectCodec<PhotoMark> DescribePhotoMark()
    {
        var share = new NumberCodec(0, 1);
        var mark = new ObjectCodec<PhotoMark>("photoMark", "A place marked on a photograph.", isInline: true);
        var position = mark.Required("position", Position, value => value.Position, "The pin's position; of a plan's photograph, which end of which distance.");
        var x = mark.Required("x", share, value => value.X, "Share of the width from the left edge.");
        var y = mark.Required("y", share, value => value.Y, "Share of the height from the upper edge.");
        return mark.Makes(values => new PhotoMark(values.Of(position), values.Of(x), values.Of(y)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    /// <summary>How a photograph under a plan is written.</summary>
    /// <param name="place">How a place on a plan is.</param>
    public static ObjectCodec<PlanPhoto> DescribePlanPhoto(Codec<PlanPoint> place)
    {
        var photo = new ObjectCodec<PlanPhoto>("planPhoto", "A photograph to be laid under the plan of a plane or a board, scaled by two known distances.");
        var of = photo.Required("of", Id, value => value.Of, "The plane or the part.");
        var hash = photo.Required("hash", PictureHash, value => value.Hash, "SHA-256 of the picture.");
        var width = photo.Required("widthPx", Pixels, value => value.WidthPx, "Width in pixels.");
        var height = photo.Required("heightPx", Pixels, value => value.HeightPx, "Height in pixels.");
        var marks = photo.Many("marks", PhotoMark, 4, value => value.Marks, "The left and right end of the distance across, then the rear and front end of the one deep.");
        var across = photo.Optional("acrossMm", Length, value => value.Across, "The distance across.");
        var deep = photo.Optional("deepMm", Length, value => value.Deep, "The distance deep.");
        var at = photo.Usual("at", place, value => value.At, default, "Where the left end of the distance across lies.");
        return photo.Makes(values => new PlanPhoto(values.Of(of), values.Of(hash), values.Of(width), values.Of(height))
        {
            Marks = values.Of(marks),
            Across = values.Of(across),
            Deep = values.Of(deep),
            At = values.Of(at),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) => CrossChecks.Unique(context, "marks", value.Marks, item => item.Position));
    }

    private static ObjectCodec<Photo> DescribePhoto()
    {
        var photo = new ObjectCodec<Photo>("photo", "A photograph; the picture itself is kept beside the database.");
        var hash = photo.Required("hash", PictureHash, value => value.Hash, "SHA-256 of the picture.");
        var part = photo.Required("part", Id, value => value.Part, "The part it shows.");
        var port = photo.Optional("port", Id, value => value.Port, "The port it shows.");
        var reading = photo.Optional("reading", Id, value => value.Reading, "The reading it shows.");
        var width = photo.Required("widthPx", Pixels, value => value.WidthPx, "Width in pixels.");
        var height = photo.Required("heightPx", Pixels, value => value.HeightPx, "Height in pixels.");
        var caption = photo.Optional("caption", Name, value => value.Caption, "What is to be seen.");
        var marks = photo.Many("marks", PhotoMark, GraftFileLimits.Positions, value => value.Marks, "The pins marked on it.");
        return photo.Makes(values => new Photo(values.Of(hash), values.Of(part), values.Of(width), values.Of(height))
        {
            Port = values.Of(port),
            Reading = values.Of(reading),
            Caption = values.Of(caption),
            Marks = values.Of(marks),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) => CrossChecks.Unique(context, "marks", value.Marks, item => item.Position));
    }
}
