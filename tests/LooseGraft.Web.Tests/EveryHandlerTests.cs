using System.Collections.Concurrent;
using System.Net;
using System.Reflection;
using LooseGraft.Core.Tests;
using LooseGraft.Data;
using LooseGraft.Web.Pages;
using Microsoft.AspNetCore.Http;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Infrastructure;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.Extensions.DependencyInjection;

namespace LooseGraft.Web.Tests;

/// <summary>Whatever many builders send at once to whatever form, and whatever was changed or thrown away meanwhile, the answer is a page and never a
/// fault.</summary>
public sealed class EveryHandlerTests
{
    private const int Builders = 50;
    private const int TriesEach = 10;

    // What may stand in any field: figures of all sorts, and what no field takes.
    private static readonly string[] Values =
    [
        "0", "1", "2", "3", "7", "40", "-1", "1.5", "1,5", "12 V", "NaN", "1e309", "-0",
        "99999999999", "2147483647", "", " ", "true", "false", "null", "+12 V", "gnd", "fan-2510-4/fan", "board/main", "board/panel", "from", "to", "psu", "a", "1 2",
        "<script>", "\ud83d\udd0c", "=1+1", "../..", "0x1F", "2026-02-30", "Rear", "floor", "x 1 y 2", "1\n2\n3", "🙂🙂🙂", "board,main;1", new('a', 200), new('9', 400),
    ];

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task No_order_of_loading_and_saving_ends_in_a_fault()
    {
        await using var host = new BenchHost();
        var handlers = Handlers(host);
        Assert.InRange(handlers.Count, 90, 400);
        var faults = new ConcurrentBag<string>();
        var answered = new ConcurrentDictionary<HttpStatusCode, int>();
        await Parallel.ForEachAsync(Enumerable.Range(0, Builders), new ParallelOptions { MaxDegreeOfParallelism = Builders, CancellationToken = Cancellation },
            async (builder, _) =>
            {
                var random = new Random((int)Properties.Seed + builder);
                using var browser = host.CreateClient(new() { AllowAutoRedirect = false });
                var token = await BenchHost.TokenAsync(browser, "/");
                for (var attempt = 0; attempt < TriesEach * Properties.Times; attempt++)
                {
                    var id = random.Next(1, 6);
                    var graft = await host.StoreAsync(store => store.FindAsync(id, Cancellation));
                    // What somebody threw away is put back by somebody else, or little would be left to try.
                    if (graft is null) await host.StoreAsync(store => store.PutBackAsync(id, Cancellation));
                    var (address, fields) = handlers[random.Next(handlers.Count)].Make(new Chance(random, graft, id));
                    var form = new FormUrlEncodedContent([.. fields, KeyValuePair.Create("__RequestVerificationToken", token)]);
                    using var answer = await browser.PostAsync(address, form, Cancellation);
                    answered.AddOrUpdate(answer.StatusCode, 1, (_, count) => count + 1);
                    if ((int)answer.StatusCode >= 500) faults.Add($"{address} {string.Join("&", fields.Select(field => $"{field.Key}={field.Value}"))}");
                }
            });
        Assert.Empty(faults);
        // That something was saved, refused and come too late shows that the forms were understood.
        foreach (var code in new[] { HttpStatusCode.Redirect, HttpStatusCode.UnprocessableEntity, HttpStatusCode.Conflict, HttpStatusCode.NotFound })
            Assert.True(answered.GetValueOrDefault(code) > Builders / 10, $"{code}: {answered.GetValueOrDefault(code)}");
    }

    private static List<Handler> Handlers(BenchHost host)
    {
        var pages = host.Services.GetRequiredService<IActionDescriptorCollectionProvider>().ActionDescriptors.Items.OfType<PageActionDescriptor>();
        var models = typeof(FormPageModel).Assembly.GetTypes().Where(type => type.IsSubclassOf(typeof(PageModel)) && !type.IsAbstract)
            .ToDictionary(type => type.Name);
        return [.. from page in pages
                   let name = Path.GetFileNameWithoutExtension(page.RelativePath)
                   where models.ContainsKey(name + "Model")
                   let model = models[name + "Model"]
                   from method in model.GetMethods().Where(method => method.Name.StartsWith("OnPost", StringComparison.Ordinal))
                   select new Handler(page.AttributeRouteInfo!.Template!, model, method)];
    }

    /// <summary>What one builder sends next, about a graft as it stood a moment before.</summary>
    private sealed record Chance(Random Random, GraftSnapshot? Snapshot, int Id)
    {
        private readonly Part? _part = Snapshot is { Graft.Parts: { IsEmpty: false } parts } ? parts[Random.Next(parts.Length)] : null;

        public bool OneIn(int many) => Random.Next(many) == 0;

        public string Revision => $"{(OneIn(4) ? Random.Next(12) : Snapshot?.Revision ?? 1)}";

        // A thing that is there, as the field's name asks for, or anything.
        public string Value(string name, int odd = 4) => OneIn(odd) ? Any() : name.ToLowerInvariant() switch
        {
            "part" or "load" or "of" or "into" or "owner" => _part?.Id ?? Any(),
            "port" => _part is { Ports: { IsEmpty: false } ports } ? ports[Random.Next(ports.Length)].Id : Any(),
            "joint" => One(Snapshot?.Graft.Joints, joint => joint.Id),
            "supply" => One(Snapshot?.Graft.Supplies, supply => supply.Id),
            "plane" or "on" => One(Snapshot?.Graft.Seating.Planes, plane => plane.Id),
            "box" => One(Snapshot?.Graft.Seating.Boxes, box => box.Id),
            "reading" => One(Snapshot?.Graft.Readings, reading => reading.Id),
            "id" or "index" or "position" or "change" or "copyof" or "entry" => $"{Random.Next(-1, 6)}",
            _ => Any(),
        };

        private string One<T>(ValueList<T>? of, Func<T, string> name) => of is { IsEmpty: false } things ? name(things[Random.Next(things.Length)]) : Any();

        private string Any() => Values[Random.Next(Values.Length)];
    }

    private sealed record Handler(string Route, Type Model, MethodInfo Method)
    {
        public (string Address, KeyValuePair<string, string>[] Fields) Make(Chance chance)
        {
            var pieces = Route.Split('/').Select(piece => piece switch
            {
                "{id:int}" => $"{chance.Id}",
                ['{', .. var name, '}'] => Uri.EscapeDataString(chance.Value(name, 12)),
                _ => piece,
            });
            var handler = Method.Name["OnPost".Length..].Replace("Async", "", StringComparison.Ordinal);
            var bound = Model.GetProperties().Where(property => property.GetCustomAttribute<BindPropertyAttribute>() is not null && property.Name != "Id")
                .Select(property => (property.Name, Type: property.PropertyType));
            var fields = from field in Method.GetParameters().Select(parameter => (Name: parameter.Name!, Type: parameter.ParameterType)).Concat(bound)
                         from pair in Fill(field.Name, field.Name, field.Type, chance, 0)
                         select pair;
            return ($"/{string.Join('/', pieces)}?handler={handler}", [.. fields]);
        }

        private static IEnumerable<KeyValuePair<string, string>> Fill(string path, string name, Type type, Chance chance, int depth)
        {
            if (chance.OneIn(12) || type == typeof(IFormFile) || depth > 3) return [];
            type = Nullable.GetUnderlyingType(type) ?? type;
            if (name == "Revision") return [KeyValuePair.Create(path, chance.Revision)];
            if (type.IsEnum && !chance.OneIn(6)) return [KeyValuePair.Create(path, chance.Random.GetItems(Enum.GetNames(type), 1)[0])];
            if (type.IsArray)
                return Enumerable.Range(0, chance.Random.Next(4))
                    .SelectMany(index => Fill($"{path}[{index}]", name, type.GetElementType()!, chance, depth + 1));
            if (type.IsPrimitive || type.IsEnum || type.Namespace == "System") return [KeyValuePair.Create(path, chance.Value(name))];
            return type.GetProperties().Where(property => property.CanWrite)
                .SelectMany(property => Fill($"{path}.{property.Name}", property.Name, property.PropertyType, chance, depth + 1));
        }
    }
}
