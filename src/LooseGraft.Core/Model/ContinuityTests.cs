namespace LooseGraft.Core.Model;

/// <summary>What was read of one lead.</summary>
public static class ContinuityTests
{
    /// <summary>The readings with one more, in place of what was read between its ends before.</summary>
    public static ValueList<ContinuityTest<TEnd>> With<TEnd>(this ValueList<ContinuityTest<TEnd>> tests, ContinuityTest<TEnd> test)
        where TEnd : struct, IEquatable<TEnd>
        => [.. tests.Where(old => !old.IsBetween(test.One, test.Other)), test];
}
