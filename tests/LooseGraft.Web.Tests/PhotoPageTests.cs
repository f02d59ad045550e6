using System.Net;
using System.Net.Http.Headers;
using SkiaSharp;

namespace LooseGraft.Web.Tests;

/// <summary>Photographs of parts and under plans, through their forms.</summary>
public sealed class PhotoPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_photograph_is_kept_upright_without_what_the_camera_wrote_and_its_marks_stay_relative()
    {
        var id = await host.BareAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/photos/board");
        var answer = await UploadAsync(browser, page, "board.png", Picture(600, 300, SKEncodedImageFormat.Png), "header");
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        var photo = Assert.Single((await host.GraftAsync(id)).Photos);
        Assert.Equal((600, 300, "header"), (photo.WidthPx, photo.HeightPx, photo.Port));
        var kept = await browser.GetAsync($"/photos/{photo.Hash}", Cancellation);
        Assert.Equal("image/jpeg", kept.Content.Headers.ContentType!.MediaType);
        await browser.SubmitAsync(page, "Mark", 2, ("index", "0"), ("position", "1"), ("x", "25"), ("y", "50,5"));
        Assert.Equal(new PhotoMark(1, 0.25, 0.505), Assert.Single((await host.GraftAsync(id)).Photos[0].Marks) with { Unknown = UnknownMembers.None });
        var beyond = await browser.SubmitAsync(page, "Mark", 3, ("index", "0"), ("position", "1"), ("x", "250"), ("y", "NaN"));
        Assert.Contains("from 0 to 100", await BenchHost.TextAsync(beyond));
    }

    [Fact]
    public async Task A_photograph_lies_under_the_plan_once_two_distances_in_it_are_known()
    {
        var id = await host.CopyOfFerryAsync();
        var (browser, page, plan) = (host.Browser(), $"/graft/{id}/seat/photo", $"/graft/{id}/seat?hand=shell");
        Assert.Contains($"/graft/{id}/seat/photo?of=tray", await browser.GetStringAsync(plan, Cancellation));
        await UploadAsync(browser, page, "tray.png", Picture(600, 300, SKEncodedImageFormat.Png), "");
        (string, string)[] ends = [("10", "90"), ("90", "90"), ("10", "90"), ("10", "10")];
        foreach (var (index, (x, y)) in ends.Index())
        {
            Assert.DoesNotContain("plan-photo", await browser.GetStringAsync(plan, Cancellation));
            await browser.SubmitAsync(page, "Mark", index + 2, ("end", $"{index + 1}"), ("x", x), ("y", y));
        }

        foreach (var (across, words) in new[] { ("", "is not a size"), ("-3", "is not a size"), ("1e309", "is not a size"), ("NaN", "is not a size") })
            Assert.Contains(words, await BenchHost.TextAsync(await browser.SubmitAsync(page, "Scale", 6, ("across", across), ("deep", "120"))));
        var scaled = await BenchHost.TextAsync(await browser.SubmitAsync(page, "Scale", 6, ("across", "240"), ("deep", "120"), ("left", "5"), ("rear", "")));
        Assert.Contains("It lies under the plan", scaled);
        Assert.Contains("<span class=\"figure\">0.5</span> mm", scaled);
        Assert.Matches("<image class=\"plan-photo\" href=\"/photos/[0-9a-f]{64}\"[^>]* transform=\"matrix\\(", await browser.GetStringAsync(plan, Cancellation));
        Assert.DoesNotContain("plan-photo", await browser.GetStringAsync($"/graft/{id}/seat", Cancellation));
        // All are marked: a press moves the nearest, here the right one, downwards, so that it lies aslant.
        var moved = await BenchHost.TextAsync(await browser.SubmitAsync(page, "Mark", 7, ("end", ""), ("x", "88"), ("y", "80")));
        Assert.Contains("It was taken aslant", moved);
        await browser.SubmitAsync(page, "TakeAway", 8);
        Assert.Empty((await host.GraftAsync(id)).Seating.Photos);
        Assert.Equal(HttpStatusCode.NotFound, (await browser.SubmitAsync(page, "TakeAway", 9)).StatusCode);
    }

    [Theory]
    [InlineData("text", "what is inside is not a picture")]
    [InlineData("gif", "it is a GIF picture; JPEG, PNG and WebP are taken")]
    [InlineData("huge", "at most 50 megapixels are taken")]
    [InlineData("broken", "broken off or damaged")]
    public async Task A_picture_that_is_none_or_too_large_is_refused_in_words(string sort, string words)
    {
        var bytes = sort switch
        {
            "text" => "This is no picture."u8.ToArray(),
            "gif" => Convert.FromBase64String("R0lGODlhAQABAIAAAAAAAP///yH5BAEAAAAALAAAAAABAAEAAAIBRAA7"),
            // A header alone claims a size that would take gigabytes to decode.
            "huge" => WithSize(Picture(8, 8, SKEncodedImageFormat.Png), 20_000, 20_000),
            _ => Picture(400, 400, SKEncodedImageFormat.Png)[..^60],
        };
        var id = await host.BareAsync();
        var answer = await UploadAsync(host.Browser(), $"/graft/{id}/photos/board", "photo.jpg", bytes, "");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("photo.jpg is not kept: ", await BenchHost.TextAsync(answer));
        Assert.Contains(words, await BenchHost.TextAsync(answer));
        Assert.Empty((await host.GraftAsync(id)).Photos);
    }

    private static byte[] Picture(int width, int height, SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(width, height);
        bitmap.Erase(SKColors.DarkGreen);
        using var data = bitmap.Encode(format, 80);
        return data.ToArray();
    }

    // The size of a PNG stands in bytes 16 to 23 of its file, with a check sum behind the header.
    internal static byte[] WithSize(byte[] png, int width, int height)
    {
        System.Buffers.Binary.BinaryPrimitives.WriteInt32BigEndian(png.AsSpan(16), width);
        System.Buffers.Binary.BinaryPrimitives.WriteInt32BigEndian(png.AsSpan(20), height);
        System.Buffers.Binary.BinaryPrimitives.WriteUInt32BigEndian(png.AsSpan(29), CheckSum(png.AsSpan(12, 17)));
        return png;
    }

    // CRC-32 of the PNG specification, bit by bit.
    private static uint CheckSum(ReadOnlySpan<byte> bytes)
    {
        var sum = uint.MaxValue;
        foreach (var value in bytes)
        {
            sum ^= value;
            for (var bit = 0; bit < 8; bit++) sum = (sum & 1) == 1 ? (sum >> 1) ^ 0xEDB88320u : sum >> 1;
        }

        return ~sum;
    }

    private static async Task<HttpResponseMessage> UploadAsync(HttpClient browser, string page, string name, byte[] bytes, string port)
    {
        var file = new ByteArrayContent(bytes) { Headers = { ContentType = new MediaTypeHeaderValue("image/jpeg") } };
        var form = new MultipartFormDataContent
        {
            { file, "file", name }, { new StringContent(port), "port" }, { new StringContent("1"), "Revision" },
            { new StringContent(await BenchHost.TokenAsync(browser, page)), "__RequestVerificationToken" },
        };
        return await browser.PostAsync(page + "?handler=Add", form, Cancellation);
    }
}
