namespace LooseGraft.Core.Files.Meetings;

/// <summary>One field that two changes of a graft, made without knowing of each other, both want.</summary>
/// <param name="Field">Where it is, in words, the largest thing first.</param>
/// <param name="Began">How it was when both began.</param>
/// <param name="Yours">How it would be by the change that comes second.</param>
/// <param name="Theirs">How it stands by what was kept first.</param>
public sealed record Clash(string Field, string Began, string Yours, string Theirs);
