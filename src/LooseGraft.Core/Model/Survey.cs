
namespace LooseGraft.Core.Model;

/// <summary>Distances measured on a board or a plane, from which the places of its points follow.</summary>
/// <param name="Of">The part or the plane that was measured.</param>
/// <param name="Spans">What was measured, in the order it was written down.</param>
public sealed record Survey(string Of, ValueList<SurveySpan> Spans)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
