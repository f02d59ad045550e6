using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says how a load is meant to be fed, as long as no joint says so.</summary>
/// <param name="Load">The load.</param>
/// <param name="Place">Where it is meant to hang.</param>
public sealed record MeanLoad(string Load, LoadPlace Place) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with
    {
        Loads = [.. graft.Loads.Select(load => load.Id == Load ? load with { Meant = LoadPlace.Kept(graft, Place.Way) } : load)],
    };

    public override string Words(Graft graft) => $"{Load}: meant to hang on {Said(Place)}";

    public override string Standing(Graft graft) => graft.Loads.FirstOrDefault(load => load.Id == Load) is { } load
        ? $"meant to hang on {Said(new LoadPlace(load.Meant))}" : "this load is not there any more";

    private static string Said(LoadPlace place) => place.ToString() is { Length: > 0 } text ? text : "nothing in particular";
}
