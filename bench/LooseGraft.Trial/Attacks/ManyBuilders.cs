using System.Collections.Concurrent;
using AngleSharp.Html.Dom;

namespace LooseGraft.Trial.Attacks;

/// <summary>Fifty builders walk through the pages at once and send whatever form they find, as it stands or with absurd values: no answer is a fault.</summary>
internal sealed record ManyBuilders() : Attack("Fifty builders, fifty forms each, one value in four absurd", 2500, 100)
{
    private const int Builders = 50;
    private const int MostPages = 400;

    // On a machine that does much else at once.
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(30);

    // A trace that reached a reader.
    private static readonly string[] Traces = ["   at LooseGraft.", "   at System.", "   at Microsoft.", "Exception:"];

    protected override async Task DoAsync(Tally tally, string root, CancellationToken cancellation)
    {
        await using var process = await StartedProcess.DemosAsync(root);
        var pages = new ConcurrentDictionary<string, bool> { ["/"] = true };
        var answered = new ConcurrentDictionary<int, int>();
        var many = new ParallelOptions { MaxDegreeOfParallelism = Builders, CancellationToken = cancellation };
        await Parallel.ForEachAsync(Enumerable.Range(0, Builders), many, async (builder, _) =>
        {
            var random = new Random(builder);
            using var visitor = new Visitor(process.Address);
            while (tally.Tries < tally.Planned)
            {
                var page = pages.Keys.ElementAt(random.Next(pages.Count));
                using var shown = await visitor.GetAsync(page, cancellation);
                var html = await shown.Content.ReadAsStringAsync(cancellation);
                if ((int)shown.StatusCode >= 500) tally.Fail($"{page}: {(int)shown.StatusCode}");
                if (shown.Content.Headers.ContentType?.MediaType != "text/html") continue;
                var document = visitor.Read(html);
                foreach (var link in document.QuerySelectorAll("a[href^='/']").Select(link => link.GetAttribute("href")!.Split('#')[0]))
                    if (pages.Count < MostPages) pages.TryAdd(link, true);
                var forms = document.Forms.Where(form => form.Method == "post").ToArray();
                if (forms.Length == 0) continue;
                var form = forms[random.Next(forms.Length)];
                var fields = Fields(form, random).ToArray();
                (string, byte[])? file = form.QuerySelector("input[type=file]") is IHtmlInputElement { Name: { } name }
                    ? (name, Absurd.Mutated(new byte[2000], random)) : null;
                var address = form.GetAttribute("action") is { Length: > 0 } action ? action : page;
                var began = TimeProvider.System.GetTimestamp();
                using var answer = await visitor.SendAsync(address, fields, cancellation, file);
                tally.Took(began, Longest, address);
                var text = await answer.Content.ReadAsStringAsync(cancellation);
                answered.AddOrUpdate((int)answer.StatusCode, 1, (_, count) => count + 1);
                tally.Try(
                    (int)answer.StatusCode < 500 && !Traces.Any(trace => text.Contains(trace, StringComparison.Ordinal)),
                    $"{address}: {(int)answer.StatusCode} {string.Join("&", fields.Select(field => $"{field.Name}={field.Value}"))}");
            }
        });
        await process.KillAsync();
        var (_, _, log) = await process.EndAsync();
        foreach (var line in log.Split('\n').Where(line => line.Contains("\"@l\":\"Error\"", StringComparison.Ordinal)).Take(5))
            tally.Fail($"in the log: {line}");
        var codes = string.Join(", ", answered.OrderBy(code => code.Key).Select(code => $"{code.Key} × {code.Value}"));
        tally.Note = $"answered {codes}; {pages.Count} pages; slowest {tally.Slowest:0.0} s";
    }

    private static IEnumerable<(string Name, string Value)> Fields(IHtmlFormElement form, Random random)
    {
        foreach (var element in form.Elements)
        {
            (string? Name, string Value) field = element switch
            {
                IHtmlInputElement { Type: "file" or "submit" } or IHtmlInputElement { Type: "checkbox" or "radio", IsChecked: false } => default,
                IHtmlInputElement input => (input.Name, input.Value),
                IHtmlSelectElement select => (select.Name, select.Value ?? ""),
                IHtmlTextAreaElement area => (area.Name, area.Value),
                IHtmlButtonElement button => (button.Name, button.Value),
                _ => default,
            };
            if (field.Name is { Length: > 0 } name) yield return (name, random.Next(4) == 0 ? Absurd.Value(random) : field.Value);
        }
    }
}
