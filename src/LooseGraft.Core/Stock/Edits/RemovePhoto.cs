using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Takes a photograph out.</summary>
/// <param name="Index">Its place in the list, from 0.</param>
public sealed record RemovePhoto(int Index) : GraftEdit
{
    public override Graft Apply(Graft graft) => Index < 0 || Index >= graft.Photos.Length ? graft : graft with { Photos = graft.Photos.RemoveAt(Index) };

    public override string Words(Graft graft)
        => Index >= 0 && Index < graft.Photos.Length ? $"A photograph of {graft.NameOf(graft.Photos[Index].Part)} taken out" : "A photograph taken out";

    public override string Standing(Graft graft) => graft.Photos.Length.Counted("photograph");
}
