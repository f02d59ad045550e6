using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>A line of a meter sheet with what the meter said.</summary>
/// <typeparam name="TEnd">How the ends of the lead are named.</typeparam>
/// <param name="Test">The test.</param>
/// <param name="Result">What was read; null while it was not.</param>
public sealed record SheetLine<TEnd>(SheetTest<TEnd> Test, ContinuityTest<TEnd>? Result)
    where TEnd : struct, IEquatable<TEnd>
{
    /// <summary>Whether it reads as it must; null while it was not read.</summary>
    public bool? IsRight => Result is null ? null : Result.Beeped == Test.MustBeep;
}
