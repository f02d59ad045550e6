using LooseGraft.Core.Cool.Mounts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Says what cools the hot thing of a part.</summary>
/// <param name="Cooler">All that is known of it.</param>
public sealed record SetCooler(CoolerPlace Cooler) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.FindPart(Cooler.Part) is null) return graft;
        var before = Found(graft);
        // What readings showed of a cooler says nothing of another.
        var isSame = before?.Class == Cooler.Class && before?.Resistance == Cooler.Resistance;
        var now = Cooler with { Unknown = before?.Unknown ?? UnknownMembers.None, Contact = Cooler.Contact ?? (isSame ? before?.Contact : null) };
        return graft.WithCooling(cooling => cooling with { Coolers = cooling.Coolers.With(now, each => each.Part == Cooler.Part) });
    }

    public override string Words(Graft graft) => $"{graft.NameOf(Cooler.Part)}: {Said(Cooler)}";

    public override string Standing(Graft graft)
        => graft.FindPart(Cooler.Part) is null ? "this part is not there any more" : Found(graft) is { } found ? Said(found) : "nobody said what cools it";

    private CoolerPlace? Found(Graft graft) => graft.Cooling.Coolers.FirstOrDefault(each => each.Part == Cooler.Part);

    private static string Said(CoolerPlace cooler)
    {
        string?[] said =
        [
            cooler.Class?.Name ?? "a usual cooler", cooler.Resistance?.ToString(),
            cooler.Share is { } share ? FormattableString.Invariant($"{100 * share:0.#} % of its watts") : null,
            cooler.Hold is { } hold ? $"held by {hold.Words()}" : null, cooler.OwnHoles is { } own ? $"wants {own}" : null,
            cooler.BoardHoles is { } board ? $"on {board}" : null,
            cooler.TakesRoomAir ? "air from the room by a duct" : null,
            cooler.Spins switch { true => "it spins", false => "nothing in it turns", null => null },
        ];
        return string.Join(", ", said.OfType<string>());
    }
}
