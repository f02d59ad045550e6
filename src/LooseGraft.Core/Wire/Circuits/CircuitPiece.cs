namespace LooseGraft.Core.Wire.Circuits;

/// <summary>One piece of a circuit's drawing.</summary>
/// <param name="Sort">What is drawn.</param>
/// <param name="Label">What stands beside it.</param>
public sealed record CircuitPiece(CircuitPiece.Sorts Sort, string Label)
{
    /// <summary>What can be drawn.</summary>
    public enum Sorts
    {
        /// <summary>A supply or the ground: a labelled end.</summary>
        End,

        /// <summary>A resistor.</summary>
        Resistor,

        /// <summary>A light-emitting diode.</summary>
        Light,

        /// <summary>A diode.</summary>
        Diode,

        /// <summary>A point from which a signal is taken.</summary>
        Tap,

        /// <summary>The coil of a relay.</summary>
        Coil,

        /// <summary>A contact or a switch.</summary>
        Contact,

        /// <summary>A motor or a fan.</summary>
        Motor,

        /// <summary>A capacitor.</summary>
        Capacitor,

        /// <summary>A transformer.</summary>
        Transformer,

        /// <summary>Anything drawn as a box with its name.</summary>
        Box,
    }
}
