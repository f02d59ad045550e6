namespace LooseGraft.Core.Findings.Subjects;

/// <summary>The thing a finding speaks of, one kind a type, named by ids.</summary>
public abstract record Subject
{
    /// <summary>The graft as a whole.</summary>
    public static readonly Subject Whole = new WholeSubject();

    /// <summary>Its one text form, such as <c>/parts/kt31/ports/panel/pins/5</c> or <c>/supplies/psu/rails/+12 V</c>. Ids hold no slash.
    /// <see cref="SubjectText.Read"/> reads it back.</summary>
    public abstract string Text { get; }

    /// <summary>The text.</summary>
    public sealed override string ToString() => Text;
}
