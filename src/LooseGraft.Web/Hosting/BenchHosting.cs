using LooseGraft.Core.Files;
using LooseGraft.Data;
using LooseGraft.Data.Copies;
using LooseGraft.Data.Donors;
using LooseGraft.Data.Owned;
using LooseGraft.Data.Records;
using LooseGraft.Web.Instruments;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Http.Features;
using Serilog;
using Serilog.Events;
using Serilog.Formatting.Compact;

namespace LooseGraft.Web.Hosting;

/// <summary>Puts the application together.</summary>
public static class BenchHosting
{
    /// <summary>The largest request: a graft file at its limit, with room for the form around it.</summary>
    private const int LargestRequest = GraftFileLimits.Bytes + (64 * 1024);

    /// <summary>Bytes of all headers together. What other applications of the same host name leave in a browser's cookies is sent here as well, and whoever
    /// is refused for it cannot get out again; a browser keeps at most 180 cookies of 4 KiB for a host.</summary>
    private const int LargestHeaders = 1024 * 1024;

    /// <summary>Fields of the largest form: a grid of as many positions as a port has, eight fields each, with room around it.</summary>
    private const int MostFields = 10 * GraftFileLimits.Positions;

    public static void AddBench(this WebApplicationBuilder builder)
    {
        // It is served as it was built: what browsers are sent lies where the build's list says, in every environment.
        builder.WebHost.UseStaticWebAssets();
        builder.Configuration["ReloadStaticAssetsAtRuntime"] = "false";
        builder.Services.AddResponseCompression();
        // Before all else, also before a host name is refused.
        builder.Services.Insert(0, ServiceDescriptor.Singleton<IStartupFilter, SecurityHeaders.First>());
        var folder = BenchFolder.At(builder.Configuration["DATA"]);
        builder.Host.UseSerilog((_, logging) => logging
            .MinimumLevel.Information()
            .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
            // That form keys lie unencrypted beside the database is known: whoever can read the one can read the other.
            .MinimumLevel.Override("Microsoft.AspNetCore.DataProtection", LogEventLevel.Error)
            .Filter.ByExcluding(logged => StartRefusal.IsTold(logged.Exception))
            .WriteTo.Console(new CompactJsonFormatter()));
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.AddServerHeader = false;
            kestrel.Limits.MaxRequestBodySize = LargestRequest;
            kestrel.Limits.MaxRequestHeadersTotalSize = LargestHeaders;
        });
        builder.Services.Configure<FormOptions>(form =>
        {
            form.MultipartBodyLengthLimit = LargestRequest;
            form.ValueCountLimit = MostFields;
        });
        builder.Services.AddSingleton(TimeProvider.System);
        builder.Services.AddDbContext<BenchContext>(options => options.UseBenchFile(folder.Database));
        builder.Services.AddSingleton<ReadGrafts>();
        builder.Services.AddScoped<GraftStore>();
        builder.Services.AddScoped<RecordBook>();
        builder.Services.AddSingleton<ReviewDesk>();
        builder.Services.AddSingleton<ChoiceDesk>();
        builder.Services.AddSingleton<BenchWatch>();
        builder.Services.AddSingleton<ShelfTags>();
        builder.Services.AddHostedService(services => services.GetRequiredService<ShelfTags>());
        builder.Services.AddScoped<BinStore>();
        builder.Services.AddScoped<DonorStore>();
        builder.Services.AddScoped<MeterShelf>();
        builder.Services.AddSingleton(services => MeterReach.Of(services.GetRequiredService<IConfiguration>()));
        builder.Services.AddSingleton<WallWatches>();
        builder.Services.AddSingleton(folder);
        builder.Services.AddSingleton<BenchCopies>();
        builder.Services.AddSingleton<BenchRestore>();
        builder.Services.AddSingleton<BenchArchive>();
        builder.Services.AddHostedService<CopyRhythm>();
        builder.Services.AddHostedService(services => MemoryRest.OfProcess(services.GetRequiredService<TimeProvider>()));
        builder.Services.AddSingleton(folder.Photos);
        builder.Services.AddSingleton(new PracticeBoards(Path.Combine(AppContext.BaseDirectory, "demo", "practice")));
        builder.Services.AddDataProtection().PersistKeysToFileSystem(new DirectoryInfo(folder.Keys));
        builder.Services.AddAntiforgery(options =>
        {
            options.Cookie.Name = "loose-graft-form";
            options.Cookie.SameSite = SameSiteMode.Strict;
        });
        builder.Services.AddHealthChecks().AddCheck<BenchHealth>("bench");
        // What is left out of a form or an address has a meaning of its own on every page; each page says itself what it needs.
        builder.Services.AddRazorPages().AddMvcOptions(options =>
        {
            options.SuppressImplicitRequiredAttributeForNonNullableReferenceTypes = true;
            options.MaxModelBindingCollectionSize = MostFields;
            options.Filters.Add(new HandlerGuard());
        });
        builder.AddDoor();
    }

    public static Task OpenBenchAsync(this WebApplication app)
        => BenchStart.OpenAsync(
            app.Services.GetRequiredService<BenchFolder>(), app.Configuration["DEMO"] == "none" ? null : Path.Combine(AppContext.BaseDirectory, "demo"),
            app.Services.GetRequiredService<TimeProvider>(), app.Lifetime.ApplicationStopping);

    public static void UseBench(this WebApplication app)
    {
        app.UseResponseCompression();
        app.UseSerilogRequestLogging();
        app.UseExceptionHandler(new ExceptionHandlerOptions
        {
            ExceptionHandlingPath = "/trouble/500",
            // What the server itself refuses to read, such as a body beyond the limit, is the request's fault and has a code of its own.
            StatusCodeSelector = exception => exception is BadHttpRequestException refused ? refused.StatusCode : StorageTroubles.Of(exception) switch
            {
                StorageTrouble.Full => StatusCodes.Status507InsufficientStorage,
                StorageTrouble.Locked => StatusCodes.Status503ServiceUnavailable,
                _ => StatusCodes.Status500InternalServerError,
            },
        });
        app.UseStatusCodePagesWithReExecute("/trouble/{0}");
        app.UseRouting();
        app.UseAuthentication();
        app.UseAuthorization();
        // Styles, scripts and fonts are the same for everybody, also before the door.
        app.MapStaticAssets().AllowAnonymous().KeepForAYear();
        app.MapHealthChecks("/health").AllowAnonymous();
        app.MapGet("/graft/{id:int}/file", Downloads.GraftAsync);
        app.MapGet("/graft/{id:int}/wire/{joint}/lead.{form}", LeadDownloads.SendAsync);
        app.MapGet("/graft/{id:int}/feed.csv", FeedDownload.SendAsync);
        app.MapGet("/graft/{id:int}/buy/list.csv", BuyDownloads.ListAsync);
        app.MapGet("/graft/{id:int}/buy/offers.csv", BuyDownloads.OffersAsync);
        app.MapGet("/graft/{id:int}/seat/cuts.csv", SeatDownloads.CutsAsync);
        app.MapGet("/graft/{id:int}/seat/sheet/{of}.{form}", SeatDownloads.SheetAsync);
        app.MapGet("/graft/{id:int}/wire/matrix/{part}.csv", MatrixDownload.SendAsync);
        app.MapGet("/donors/{id:int}/file", Downloads.DonorAsync);
        app.MapGet("/bin/file", Downloads.BinAsync);
        app.MapGet("/copies/archive", Downloads.ArchiveAsync);
        app.MapGet("/photos/{hash}", Downloads.Photo);
        app.MapRazorPages().WithStaticAssets();
    }
}
