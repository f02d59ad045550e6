using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says that a part takes a current of some voltage, the same in every load case until more is known.</summary>
/// <param name="Part">The part.</param>
/// <param name="Supply">The supply it shall hang on until a joint says so; null where there is but one.</param>
/// <param name="Rail">The rail.</param>
/// <param name="Currents">What it takes.</param>
/// <param name="Evidence">Where that is known from.</param>
public sealed record AddDraw(string Part, string? Supply, string Rail, Spread<Amps> Currents, Evidence Evidence) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.FindPart(Part) is null || (Supply is not null && graft.Supplies.All(supply => supply.Id != Supply))) return graft;
        var draw = new Draw(Rail, Currents, Currents, Currents, Evidence);
        if (graft.Loads.FirstOrDefault(load => load.Part == Part && (Supply is null || load.Meant is null || load.Meant.Supply == Supply)) is not { } known)
            return graft with
            {
                Loads = graft.Loads.Add(
                new Load(GraftEdits.FreshId(Part, graft.Loads.Select(load => load.Id)), Part)
                {
                    Draws = [draw],
                    Meant = Supply is null ? null : new MeantWay(Supply),
                })
            };
        return known.Draws.Any(each => each.Rail == Rail)
            ? graft
            : graft with { Loads = [.. graft.Loads.Select(load => load.Id == known.Id ? load with { Draws = load.Draws.Add(draw) } : load)] };
    }

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} draws {Currents} from {Rail}";

    public override string Standing(Graft graft) => (graft.Loads.Sum(load => load.Draws.Length)).Counted("draw");
}
