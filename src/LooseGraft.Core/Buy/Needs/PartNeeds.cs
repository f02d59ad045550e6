using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>The parts of a graft that have to be bought.</summary>
internal static class PartNeeds
{
    public static IEnumerable<Need> Of(Graft graft)
        => graft.Parts.Where(part => part.Origin == PartOrigin.ToBuy).Select(part =>
        {
            var ware = new Ware(WareKind.ForPart) { Word = part.Id };
            return Need.Of(ware.ToString(), ware, part.Name, new NeedAsk(Stage.Stock, new PartSubject(part.Id), part.Name, 1)) with { Part = part };
        });
}
