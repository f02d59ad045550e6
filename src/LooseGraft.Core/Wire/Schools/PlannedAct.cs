using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Wire.Schools;

/// <summary>So much of one piece of work.</summary>
/// <param name="Act">What is done.</param>
/// <param name="Count">How often.</param>
public sealed record PlannedAct(BenchAct Act, int Count)
{
    /// <summary>For example <c>3 terminals to crimp</c>.</summary>
    public override string ToString() => Count == 1 ? Act.Name : $"{Count} {Act.Many}";
}
