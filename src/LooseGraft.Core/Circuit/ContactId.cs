using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>Names one contact of the graft, written <c>part/port/3</c>.</summary>
/// <param name="Port">The port it is on.</param>
/// <param name="Position">Its position, from 1.</param>
public readonly record struct ContactId(PortId Port, int Position)
{
    /// <inheritdoc/>
    public override string ToString() => string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{Port}/{Position}");
}
