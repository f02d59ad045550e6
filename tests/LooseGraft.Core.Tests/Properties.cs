using System.Globalization;
using CsCheck;

namespace LooseGraft.Core.Tests;

/// <summary>Tries what has to hold of anything on seeded samples: the same ones at every run, so that a run fails only when something was changed.</summary>
/// <remarks><c>tools/long</c> sets PROPERTY_SEED to another seed and PROPERTY_TIMES to try more. What it finds becomes an example.</remarks>
internal static class Properties
{
    private const int Usual = 100;

    public static readonly ulong Seed = ulong.Parse(Environment.GetEnvironmentVariable("PROPERTY_SEED") ?? "20261126", CultureInfo.InvariantCulture);
    public static readonly int Times = int.Parse(Environment.GetEnvironmentVariable("PROPERTY_TIMES") ?? "1", CultureInfo.InvariantCulture);

    /// <summary>Tries a property; the first sample that breaks it is made smaller before it is told.</summary>
    public static void Hold<T>(this Gen<T> gen, Action<T> holds, int iter = Usual)
    {
        for (var sample = 0; sample < iter * Times; sample++)
        {
            var random = new PCG((uint)sample + 1, Seed);
            var state = random.ToString(random.State);
            var value = gen.Generate(random, null, out _);
            try
            {
                holds(value);
            }
            catch (Exception)
            {
                // Begins with this very sample and looks for smaller ones.
                gen.Sample(holds, seed: state, iter: Usual, threads: 1);
                throw;
            }
        }
    }

    public static void Hold<T1, T2>(this Gen<(T1, T2)> gen, Action<T1, T2> holds, int iter = Usual) => gen.Hold(value => holds(value.Item1, value.Item2), iter);

    public static void Hold<T1,
    T2, T3>(this Gen<(T1, T2, T3)> gen, Action<T1, T2, T3> holds, int iter = Usual) => gen.Hold(value => holds(value.Item1, value.Item2, value.Item3), iter);

    public static void Hold<T1, T2, T3, T4>(this Gen<(T1, T2, T3, T4)> gen, Action<T1, T2, T3, T4> holds, int iter = Usual)
        => gen.Hold(value => holds(value.Item1, value.Item2, value.Item3, value.Item4), iter);

    public static void Hold<T1, T2, T3, T4, T5>(this Gen<(T1, T2, T3, T4, T5)> gen, Action<T1, T2, T3, T4, T5> holds, int iter = Usual)
        => gen.Hold(value => holds(value.Item1, value.Item2, value.Item3, value.Item4, value.Item5), iter);

    public static void Hold<T1, T2, T3, T4, T5, T6>(this Gen<(T1, T2, T3, T4, T5, T6)> gen, Action<T1, T2, T3, T4, T5, T6> holds, int iter = Usual)
        => gen.Hold(value => holds(value.Item1, value.Item2, value.Item3, value.Item4, value.Item5, value.Item6), iter);
}
