using LooseGraft.Data;
using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Pages;

/// <summary>What the graft costs.</summary>
public sealed class BuyModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews);
