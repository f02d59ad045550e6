using System.Text.Json;
using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A need that the old case leaves behind.</summary>
/// <param name="Duty">What the old case did.</param>
/// <param name="Donor">Of which donor's case; null for the first.</param>
public sealed record NeedSubject(CaseDuty Duty, string? Donor = null) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"{new OldCaseSubject(Donor).Text}/{JsonNamingPolicy.KebabCaseLower.ConvertName(Duty.ToString())}";
}
