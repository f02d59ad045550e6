namespace LooseGraft.Core.Model;

/// <summary>One change that a builder asks for. What it names and is not there leaves the graft as it is.</summary>
/// <remarks>The edits of a stage lie beside it, in its folder <c>Edits</c>. What each member does is said here alone.</remarks>
public abstract record GraftEdit
{
    /// <summary>The graft with the change made.</summary>
    public abstract Graft Apply(Graft graft);

    /// <summary>The change in the builder's words, for undo and the history.</summary>
    /// <param name="graft">The graft before it.</param>
    public abstract string Words(Graft graft);

    /// <summary>What happened at the bench when it was made, which stays on record even when the edit is undone; null for an edit that only describes or
    /// decides.</summary>
    public virtual RecordKind? Happened => null;

    /// <summary>Whether it is written down even where the graft is none other by it.</summary>
    public virtual bool HappensAlone => false;

    /// <summary>The record of what happened, with what is known of it beside its words.</summary>
    public virtual BenchRecord Recorded(BenchRecord record) => record;

    /// <summary>What comes into the bin by it, and stays there even when it is undone: things are not taken back by a word.</summary>
    public virtual ValueList<OwnedThing> ToBin => [];

    /// <summary>How what it changes stands in a graft: shown for both sides when two changes collide.</summary>
    public abstract string Standing(Graft graft);
}
