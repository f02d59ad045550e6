using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says of a need that it is there already, or that it is left out; or takes that back.</summary>
/// <param name="Need">The key of the need.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Marking">What is said of it; null for nothing.</param>
/// <param name="Reason">Why it is left out.</param>
public sealed record MarkNeed(string Need, string Name, NeedMarking? Marking, string? Reason) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithBuying(buying => buying with
    {
        Marks = Marking is { } marking
            ? buying.Marks.With(new NeedMark(Need, marking, marking == NeedMarking.LeftOut ? Reason : null), mark => mark.Need == Need)
            : buying.Marks.RemoveAll(mark => mark.Need == Need),
    });

    public override string Words(Graft graft) => $"{Name}: {Said(Marking, Reason)}";

    public override string Standing(Graft graft)
        => graft.Buying.Marks.FirstOrDefault(mark => mark.Need == Need) is { } mark ? Said(mark.Marking, mark.Reason) : Said(null, null);

    private static string Said(NeedMarking? marking, string? reason) => marking switch
    {
        NeedMarking.There => "it is there already",
        NeedMarking.LeftOut => $"left out{(reason is null ? "" : $": {reason}")}",
        _ => "still needed",
    };
}
