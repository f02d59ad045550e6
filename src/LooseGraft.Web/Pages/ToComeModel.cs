using LooseGraft.Data;
using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Pages;

/// <summary>A stage that does not compute yet.</summary>
public abstract class ToComeModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    /// <summary>What it will do.</summary>
    public abstract string Will { get; }

    /// <summary>What the graft already says that it will need.</summary>
    public abstract IEnumerable<string> AlreadyKnown { get; }
}
