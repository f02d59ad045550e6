namespace LooseGraft.Core.Cool.Air;

/// <summary>How much air goes which way.</summary>
/// <param name="Flows">Cubic metres per second along each branch, negative for the wrong way.</param>
/// <param name="Pressures">Pascals above the room in each space.</param>
/// <param name="Residual">The most that goes into a space and does not come out, in cubic metres per second.</param>
/// <param name="Rounds">How many steps it took.</param>
public sealed record AirFlows(double[] Flows, double[] Pressures, double Residual, int Rounds);
