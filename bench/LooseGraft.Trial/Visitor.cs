using System.Globalization;
using System.Net;
using AngleSharp.Html.Dom;
using AngleSharp.Html.Parser;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;

namespace LooseGraft.Trial;

/// <summary>A browser without script: it keeps its cookies, and reads pages to fill in their forms.</summary>
public sealed class Visitor : IDisposable
{
    private const string TokenName = "__RequestVerificationToken";

    private readonly HttpClient _client;
    private readonly HtmlParser _parser = new();
    private string? _token;

    /// <param name="at">The bench.</param>
    /// <param name="from">The address of this machine that it comes from; null for the usual one.</param>
    public Visitor(Uri at, IPAddress? from = null)
        => _client = new HttpClient(Requests.From(from)) { BaseAddress = at, Timeout = TimeSpan.FromMinutes(2) };

    public Task<HttpResponseMessage> GetAsync(string address, CancellationToken cancellation) => _client.GetAsync(address, cancellation);

    public async Task<IHtmlDocument> PageAsync(string address, CancellationToken cancellation)
        => _parser.ParseDocument(await _client.GetStringAsync(address, cancellation));

    public IHtmlDocument Read(string html) => _parser.ParseDocument(html);

    /// <summary>Sends a form with the token that all forms of this visitor share.</summary>
    public async Task<HttpResponseMessage> SendAsync(
        string address, IEnumerable<(string Name, string Value)> fields, CancellationToken cancellation, (string Name, byte[] Bytes)? file = null)
    {
        _token ??= await TokenAsync(cancellation);
        using var form = new MultipartFormDataContent { { new StringContent(_token), TokenName } };
        foreach (var (name, value) in fields.Where(field => field.Name is not (TokenName or "")))
            form.Add(new StringContent(value), $"\"{name.Replace('"', '_')}\"");
        if (file is var (called, bytes)) form.Add(new ByteArrayContent(bytes), $"\"{called}\"", "file");
        return await _client.PostAsync(address, form, cancellation);
    }

    /// <summary>The revision at which a graft's pages are shown.</summary>
    public async Task<int> RevisionAsync(int graft, CancellationToken cancellation)
    {
        var shown = (await PageAsync($"/graft/{graft}", cancellation)).QuerySelector("input[name=Revision]");
        return int.Parse(((IHtmlInputElement)shown!).Value, CultureInfo.InvariantCulture);
    }

    /// <summary>Writes a number into the aim of a graft, upon a revision.</summary>
    public Task<HttpResponseMessage> AimAsync(int graft, int revision, int number, CancellationToken cancellation)
        => SendAsync(
            $"/graft/{graft}?handler=About",
            [
                ("Revision", $"{revision}"), ("name", $"graft {graft}"), ("donor", "a board"), ("shell", "a case"), ("currency", "EUR"), ("aim", $"{number}"),
            ],
            cancellation);

    /// <summary>That number, as the graft is handed out; zero before any was written.</summary>
    public async Task<int> AimedAsync(int graft, CancellationToken cancellation)
        => Aimed(GraftFile.Read(await _client.GetByteArrayAsync($"/graft/{graft}/file", cancellation)).Graft!);

    public static int Aimed(Graft graft) => int.TryParse(graft.Aim, CultureInfo.InvariantCulture, out var number) ? number : 0;

    public void Dispose() => _client.Dispose();

    private async Task<string> TokenAsync(CancellationToken cancellation)
    {
        foreach (var page in new[] { "/", "/bin", "/enter" })
        {
            // A bench that is locked shows its door only.
            using var shown = await _client.GetAsync(page, cancellation);
            var document = Read(await shown.Content.ReadAsStringAsync(cancellation));
            if (document.QuerySelector($"input[name={TokenName}]") is IHtmlInputElement input) return input.Value;
        }

        throw new InvalidOperationException("No page offers a form.");
    }

    private static class Requests
    {
        public static SocketsHttpHandler From(IPAddress? from)
        {
            var handler = new SocketsHttpHandler { AllowAutoRedirect = false, UseCookies = true };
            if (from is null) return handler;
            handler.ConnectCallback = async (context, cancellation) =>
            {
                var socket = new System.Net.Sockets.Socket(System.Net.Sockets.SocketType.Stream, System.Net.Sockets.ProtocolType.Tcp);
                socket.Bind(new IPEndPoint(from, 0));
                await socket.ConnectAsync(context.DnsEndPoint, cancellation);
                return new System.Net.Sockets.NetworkStream(socket, ownsSocket: true);
            };
            return handler;
        }
    }
}
