using System.Globalization;

namespace LooseGraft.Core.Seat;

/// <summary>Lengths in sentences.</summary>
internal static class LengthText
{
    /// <summary>To a tenth of a millimetre, which is as far as callipers and a builder's eye go.</summary>
    public static string Mm(double millimetres) => string.Create(CultureInfo.InvariantCulture, $"{millimetres:0.#} mm");
}
