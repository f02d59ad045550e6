using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>One wire of a lead, as it is made.</summary>
/// <param name="From">Position on the first port.</param>
/// <param name="To">Position on the second.</param>
/// <param name="Signal">What it carries.</param>
/// <param name="Colour">Its colour.</param>
/// <param name="Current">The most it carries for minutes on end, as far as that is known.</param>
/// <param name="Gauge">The thinnest wire that will do; null when none of those in use will.</param>
/// <param name="Drop">What the wire takes of the voltage there and back, at that current and length; null when the length is not known.</param>
/// <param name="FromWork">What is done at the first end.</param>
/// <param name="ToWork">What is done at the second.</param>
public sealed record LeadRow(int From, int To, Signal Signal, string Colour, Amps Current, WireGauge? Gauge, Volts? Drop, string FromWork, string ToWork);
