using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Takes a mark off a photograph.</summary>
/// <param name="Index">The photograph's place in the list, from 0.</param>
/// <param name="Position">The position that is marked.</param>
public sealed record UnmarkPhoto(int Index, int Position) : GraftEdit
{
    public override Graft Apply(Graft graft) => Index < 0 || Index >= graft.Photos.Length ? graft : graft with
    {
        Photos = graft.Photos.SetItem(Index, graft.Photos[Index] with { Marks = graft.Photos[Index].Marks.RemoveAll(mark => mark.Position == Position) }),
    };

    public override string Words(Graft graft) => $"Position {Position} no longer marked";

    public override string Standing(Graft graft) => $"{graft.Photos.Sum(photo => photo.Marks.Length)} marks";
}
