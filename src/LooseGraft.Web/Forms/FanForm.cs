using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>What a fan blows through, as it is typed.</summary>
public sealed record FanForm
{
    private const double Most = 10_000;

    /// <summary>What stands for a fan that blows through nothing and only stirs.</summary>
    public const string Stirs = "-";

    /// <summary>A way's key, or <see cref="Stirs"/>.</summary>
    public string? Way { get; init; }

    public AirDirection Blows { get; init; }

    public FanKind Kind { get; init; }

    public string? Size { get; init; }

    public string? Thick { get; init; }

    public string? Volts { get; init; }

    public string? Rated { get; init; }

    public FanRun? Run { get; init; }

    public string? FreeAir { get; init; }

    public string? Blocked { get; init; }

    public string? Curve { get; init; }

    public string? Gap { get; init; }

    public FanHold? Hold { get; init; }

    public bool? Guard { get; init; }

    public bool Behind { get; init; }

    /// <summary>The fan; what will not do is said at its field.</summary>
    public FanPlace Read(ModelStateDictionary errors, string part)
    {
        // That it only stirs has to be said: it is not what follows from saying nothing.
        if (Way.Trimmed() is null) errors.AddModelError("way", "Say what it blows through, or that it only stirs.");
        var way = Way.Trimmed() is { } said && said != Stirs ? said : null;
        return new FanPlace(part)
        {
            Way = way,
            Blows = Blows,
            Kind = Kind,
            Size = errors.OptionalLength("size", Size, 10),
            Thickness = errors.OptionalLength("thick", Thick, 1),
            Volts = Volt(errors, "volts", Volts, 24),
            Rated = Volt(errors, "rated", Rated, 48),
            Run = Run,
            FreeAir = errors.OptionalFlow("freeAir", FreeAir),
            Blocked = errors.OptionalPressure("blocked", Blocked),
            Curve = [.. Points(errors)],
            Gap = errors.OptionalLength("gap", Gap, 0),
            Hold = Hold,
            HasGuard = Guard,
            IsBehind = Behind && way is not null,
        };
    }

    /// <summary>A curve as it is typed: a point a line.</summary>
    public static string Text(ValueList<FanPoint> curve)
        => string.Join('\n', curve.Select(point => FormattableString.Invariant($"{point.Flow.Value:0.###} {point.Pressure.Value:0.###}")));

    private static Volts? Volt(ModelStateDictionary errors, string field, string? text, double most)
    {
        if (text.Trimmed() is null || errors.NotNegative(field, text, "the voltage", "V") is not { } volts) return null;
        if (volts <= most && (field == "volts" || volts >= 1)) return new Volts(volts);
        errors.AddModelError(field, $"“{text}” V is nothing that a fan gets. Type {(field == "volts" ? 0 : 1)} to {most:0} V, or nothing.");
        return null;
    }

    private List<FanPoint> Points(ModelStateDictionary errors)
    {
        var points = new List<FanPoint>();
        foreach (var (index, line) in (Curve ?? "").Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Index())
        {
            var figures = line.Split([' ', '\t', ';'], StringSplitOptions.RemoveEmptyEntries).Select(each => FigureText.TryRead(each, "")).ToArray();
            if (figures is [{ } flow and >= 0 and <= Most, { } pressure and >= 0 and <= Most])
                points.Add(new FanPoint(new LitresPerSecond(flow), new Pascals(pressure)));
            else
                errors.AddModelError("curve", $"Line {index + 1}, “{line}”, is no point. Type litres a second and pascals, such as 10 14.");
        }

        if (points.Count > 0 && points is not [{ Flow.Value: 0, Pressure.Value: > 0 }, .., { Pressure.Value: 0 }])
            errors.AddModelError("curve", "A curve begins at no flow, such as 0 25, and ends at no pressure, such as 16 0.");
        if (points.Zip(points.Skip(1)).Any(pair => pair.Second.Flow <= pair.First.Flow))
            errors.AddModelError("curve", "Flow rises from line to line.");
        return points;
    }
}
