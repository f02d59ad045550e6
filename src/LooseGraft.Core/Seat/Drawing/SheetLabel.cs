using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Drawing;

/// <summary>Words on a sheet.</summary>
/// <param name="At">Where their line begins.</param>
/// <param name="Height">How tall they are, in millimetres.</param>
/// <param name="Text">The words, on one line.</param>
public sealed record SheetLabel(PlanPoint At, double Height, string Text);
