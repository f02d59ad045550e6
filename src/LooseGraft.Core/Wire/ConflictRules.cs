using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Wire;

/// <summary>Which rule speaks of which conflict. How much one weighs is said by the circuit.</summary>
internal static class ConflictRules
{
    public static Rule Of(ConflictKind kind) => kind switch
    {
        ConflictKind.NotKnown or ConflictKind.LabelNotGiven or ConflictKind.ElementUnknown => WireRules.ProveFirst,
        ConflictKind.SupplyToGround => WireRules.SupplyToGround,
        ConflictKind.SupplyToSupply or ConflictKind.BeyondLoad or ConflictKind.SupplyThroughElement => WireRules.SupplyToSupply,
        ConflictKind.SupplyBeyondSignal or ConflictKind.SupplyAgainstDriver or ConflictKind.HeldAtSupply or ConflictKind.LightBurns
            or ConflictKind.SupplyThroughLight or ConflictKind.PinThroughElement or ConflictKind.WindingBurnsLamp => WireRules.SupplyIntoSignal,
        ConflictKind.SuppliesInParallel or ConflictKind.DriverAgainstDriver or ConflictKind.DriverShorted => WireRules.OutputAgainstOutput,
        ConflictKind.HeldAtGround or ConflictKind.AlwaysOn => WireRules.HeldAtGround,
        ConflictKind.LightReversed => WireRules.LightReversed,
        ConflictKind.OtherSignal or ConflictKind.LineShared => WireRules.WrongSignal,
        ConflictKind.LevelKills or ConflictKind.LevelDiffers or ConflictKind.LevelUnknown => WireRules.LevelDiffers,
        ConflictKind.LoadAtGround or ConflictKind.LoadOnSignal or ConflictKind.NotFed => WireRules.NotFed,
        ConflictKind.BelowLoad or ConflictKind.NotStandby or ConflictKind.FedThroughElement => WireRules.LessThanWanted,
        ConflictKind.NoReturn or ConflictKind.ReturnThroughSignal or ConflictKind.ReturnThroughLoad => WireRules.NoReturn,
        ConflictKind.MustStayOpen => WireRules.MustStayOpen,
        ConflictKind.IdentityMissing => WireRules.NotRecognised,
        ConflictKind.MayStayOff => WireRules.MayStayOff,
        ConflictKind.FedWhileOff => WireRules.FedWhileOff,
        ConflictKind.BetweenSupplies => WireRules.BetweenSupplies,
        ConflictKind.LabelDiffers => WireRules.LabelDiffers,
        ConflictKind.WindingShorted or ConflictKind.WindingOnCircuit or ConflictKind.WindingNotIsolated => WireRules.Alternating,
        ConflictKind.ElementBurns or ConflictKind.ContactTooSmall or ConflictKind.OutputOverloaded => WireRules.BeyondElement,
        ConflictKind.CoilWithoutDiode or ConflictKind.CoilWeak or ConflictKind.CoilRestless or ConflictKind.CoilHolds => WireRules.Coil,
        _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, null),
    };
}
