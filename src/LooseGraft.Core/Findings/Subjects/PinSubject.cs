using LooseGraft.Core.Model;

namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A pin.</summary>
/// <param name="Port">The port it belongs to.</param>
/// <param name="Position">Its position, from 1.</param>
public sealed record PinSubject(PortId Port, int Position) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"{new PortSubject(Port).Text}/pins/{Position}";
}
