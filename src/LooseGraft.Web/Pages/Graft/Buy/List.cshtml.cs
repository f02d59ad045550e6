using LooseGraft.Core.Buy;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Pages;

/// <summary>The shopping list to print: seller by seller, what comes out of the bin, and a note to each seller.</summary>
public sealed class ListModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    public Basket Basket => Review.Buy.Basket.Value;

    /// <summary>What comes out of the bin: for parts of the graft, and for needs that are none.</summary>
    public IEnumerable<(string Name, int Count, string For)> Picks
        => Graft.Parts.Where(part => part.Bin is not null).Select(part => (part.Name, part.Bin!.Count, "part of the graft"))
            .Concat(Basket.Lines.SelectMany(line => line.FromBin.Select(take => (take.Name, take.Claim.Count, line.Need.Words))))
            .Concat(Graft.Buying.FromBin.Where(take => Basket.Lines.All(line => line.Need.Key != take.Need))
                .Select(take => (take.Name, take.Claim.Count, "nothing asks for it any more")));
}
