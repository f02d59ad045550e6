using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;

namespace LooseGraft.Core.Facts;

/// <summary>Reads the reference figures that ship inside the assembly.</summary>
/// <remarks>How each kind is read is written out when the product is built, so that a program that has just started looks nothing up.</remarks>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase, UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
    RespectRequiredConstructorParameters = true, GenerationMode = JsonSourceGenerationMode.Metadata,
    Converters =
    [
        typeof(Hyphened<MountMethod>), typeof(Hyphened<CaseDuty>), typeof(Hyphened<PartKind>), typeof(Hyphened<Evidence>), typeof(Hyphened<Gender>),
        typeof(Hyphened<EfficiencyClass>), typeof(Hyphened<Housing>), typeof(Hyphened<Keying>), typeof(Hyphened<Numbering>), typeof(Hyphened<ScrewFamily>),
        typeof(Hyphened<SignalFamily>), typeof(Hyphened<SignalDirection>), typeof(Hyphened<SignalDrive>), typeof(Hyphened<PortSort>),
        typeof(Hyphened<AirCover>), typeof(Hyphened<FanKind>), typeof(Hyphened<CoolerUse>), typeof(Hyphened<HotKind>), typeof(Hyphened<CureSort>),
        typeof(Hyphened<CoolerMount>), typeof(Hyphened<HeatTool>), typeof(Hyphened<WareKind>),
    ])]
[JsonSerializable(typeof(IReadOnlyList<MountMethodFact>))]
[JsonSerializable(typeof(IReadOnlyList<CaseDutyFact>))]
[JsonSerializable(typeof(IReadOnlyList<PartTemplate>))]
[JsonSerializable(typeof(IReadOnlyList<EfficiencyEntry>))]
[JsonSerializable(typeof(IReadOnlyList<DriveForm>))]
[JsonSerializable(typeof(IReadOnlyList<ConnectorType>))]
[JsonSerializable(typeof(IReadOnlyList<BenchAct>))]
[JsonSerializable(typeof(IReadOnlyList<ScrewThread>))]
[JsonSerializable(typeof(IReadOnlyList<WireGauge>))]
[JsonSerializable(typeof(IReadOnlyList<Conversion>))]
[JsonSerializable(typeof(IReadOnlyList<SignalEntry>))]
[JsonSerializable(typeof(IReadOnlyList<FunctionTrial>))]
[JsonSerializable(typeof(IReadOnlyList<AskedName>))]
[JsonSerializable(typeof(IReadOnlyList<UsualPort>))]
[JsonSerializable(typeof(IReadOnlyList<UsualShell>))]
[JsonSerializable(typeof(IReadOnlyList<AirCoverFact>))]
[JsonSerializable(typeof(IReadOnlyList<FanClass>))]
[JsonSerializable(typeof(IReadOnlyList<CoolerClass>))]
[JsonSerializable(typeof(IReadOnlyList<HeatLimit>))]
[JsonSerializable(typeof(IReadOnlyList<WallHeat>))]
[JsonSerializable(typeof(IReadOnlyList<CureFact>))]
[JsonSerializable(typeof(IReadOnlyList<HeatToolFact>))]
[JsonSerializable(typeof(IReadOnlyList<WareFact>))]
internal sealed partial class FactFile : JsonSerializerContext
{
    /// <summary>What a fact file holds.</summary>
    /// <exception cref="InvalidOperationException">It is not in the assembly, or empty, or nobody has said how its kind is read.</exception>
    public static T Load<T>(string name)
    {
        using var stream = typeof(FactFile).Assembly.GetManifestResourceStream("Facts/" + name)
            ?? throw new InvalidOperationException($"The fact file {name} is not in the assembly.");
        var kind = Default.GetTypeInfo(typeof(T)) as JsonTypeInfo<T> ?? throw new InvalidOperationException($"Nobody has said how {typeof(T)} is read.");
        return JsonSerializer.Deserialize(stream, kind) ?? throw new InvalidOperationException($"The fact file {name} is empty.");
    }

    private sealed class Hyphened<T>() : JsonStringEnumConverter<T>(JsonNamingPolicy.KebabCaseLower, allowIntegerValues: false)
        where T : struct, Enum;
}
