using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says that a part takes a current of some voltage.</summary>
/// <param name="Part">The part.</param>
/// <param name="Supply">The supply it shall hang on until a joint says so; null where there is but one.</param>
/// <param name="Draw">What it takes.</param>
public sealed record AddDraw(string Part, string? Supply, Draw Draw) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.FindPart(Part) is not { } part || (Supply is not null && graft.Supplies.All(supply => supply.Id != Supply))) return graft;
        if (Draw.Socket is { } socket && part.Ports.All(port => port.Id != socket)) return graft;
        if (graft.Loads.FirstOrDefault(load => load.Part == Part && (Supply is null || load.Meant is null || load.Meant.Supply == Supply)) is not { } known)
            return graft with
            {
                Loads = graft.Loads.Add(
                new Load(GraftEdits.FreshId(Part, graft.Loads.Select(load => load.Id)), Part)
                {
                    Draws = [Draw],
                    Meant = Supply is null ? null : new MeantWay(Supply),
                })
            };
        return known.Draws.Any(each => each.Rail == Draw.Rail && each.Socket == Draw.Socket)
            ? graft
            : graft with { Loads = [.. graft.Loads.Select(load => load.Id == known.Id ? load with { Draws = load.Draws.Add(Draw) } : load)] };
    }

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} draws {Draw.Peak} from {Draw.Rail}";

    public override string Standing(Graft graft) => (graft.Loads.Sum(load => load.Draws.Length)).Counted("draw");
}
