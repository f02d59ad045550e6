using System.Text.Json;
using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A need that the old case leaves behind.</summary>
/// <param name="Duty">What the old case did.</param>
public sealed record NeedSubject(CaseDuty Duty) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/old-case/{JsonNamingPolicy.KebabCaseLower.ConvertName(Duty.ToString())}";
}
