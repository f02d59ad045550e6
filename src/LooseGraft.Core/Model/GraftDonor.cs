using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Model;

/// <summary>A machine that parts of the graft came out of, with what its old case did.</summary>
/// <param name="Id">Unique among the donors; null for the first, which every graft has.</param>
/// <param name="Machine">What it is.</param>
/// <param name="OldCase">What the builder says its case did.</param>
public sealed record GraftDonor(string? Id, Machine Machine, ValueList<CaseAnswer> OldCase)
{
    /// <summary>What the builder says of a duty of its case; null while nothing.</summary>
    public CaseAnswer? AnswerTo(CaseDuty duty) => OldCase.FirstOrDefault(answer => answer.Duty == duty);

    /// <summary>Whether a part is a board that is said to have come out of it.</summary>
    public bool GaveBoard(Part part) => part.Kind == PartKind.Board && Gave(part);

    /// <summary>Whether a part is said to have come out of it.</summary>
    public bool Gave(Part part) => part.Origin == PartOrigin.Donor && part.Donor == Id;
}
