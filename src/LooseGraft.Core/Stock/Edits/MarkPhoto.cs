using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Marks a position on a photograph, or marks it anew.</summary>
/// <param name="Index">The photograph's place in the list, from 0.</param>
/// <param name="Mark">The mark.</param>
public sealed record MarkPhoto(int Index, PhotoMark Mark) : GraftEdit
{
    public override Graft Apply(Graft graft) => Index < 0 || Index >= graft.Photos.Length ? graft : graft with
    {
        Photos = graft.Photos.SetItem(Index, graft.Photos[Index] with
        {
            Marks = [.. graft.Photos[Index].Marks.Where(mark => mark.Position != Mark.Position).Append(Mark).OrderBy(mark => mark.Position)],
        }),
    };

    public override string Words(Graft graft) => $"Position {Mark.Position} marked on a photograph";

    public override string Standing(Graft graft) => $"{graft.Photos.Sum(photo => photo.Marks.Length)} marks";
}
