using LooseGraft.Web.Hosting;

if (await CopyCommands.RunAsync(args, Environment.GetEnvironmentVariable("DATA"), Console.Out, Console.Error) is { } code) return code;
var builder = WebApplication.CreateBuilder(args);
if (!ListenAddress.TryApply(builder, out var address, out var refusal)) return await RefuseAsync(refusal);
try
{
    builder.AddBench();
    await using var app = builder.Build();
    await app.OpenBenchAsync();
    app.UseBench();
    await app.StartAsync();
    if (ListenAddress.IsOpenLine(address, builder.Configuration)) ListenAddress.TellOpenLine(app.Logger, address);
    await app.WaitForShutdownAsync();
    return 0;
}
catch (Exception exception) when (StartRefusal.Of(exception, address) is { } words)
{
    return await RefuseAsync(words);
}

static async Task<int> RefuseAsync(string why)
{
    await Console.Error.WriteLineAsync(why);
    return 2;
}
