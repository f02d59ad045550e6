namespace LooseGraft.Data;

/// <summary>A graft on the shelf, as far as can be said without opening it.</summary>
/// <param name="Id">Its number on the shelf.</param>
/// <param name="Revision">The revision it is at.</param>
/// <param name="Records">How many records there are of what happened to it.</param>
/// <param name="Name">What the builder calls it.</param>
public sealed record ShelfEntry(int Id, int Revision, int Records, string Name);
