using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Puts a photograph of a part in.</summary>
public sealed record AddPhoto(Photo Photo) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.FindPart(Photo.Part) is null ? graft : graft with { Photos = graft.Photos.Add(Photo) };

    public override string Words(Graft graft) => $"Photograph of {graft.NameOf(Photo.Part)}";

    public override string Standing(Graft graft) => graft.Photos.Length.Counted("photograph");
}
