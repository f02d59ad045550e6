using LooseGraft.Core.Model;

namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A port.</summary>
/// <param name="Port">Which.</param>
public sealed record PortSubject(PortId Port) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/parts/{Port.Part}/ports/{Port.Port}";
}
