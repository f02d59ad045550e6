namespace LooseGraft.Core.Wire.Leads;

/// <summary>One line of a meter sheet.</summary>
/// <typeparam name="TEnd">How the ends of the lead are named.</typeparam>
/// <param name="One">Where one probe goes.</param>
/// <param name="Other">Where the other goes.</param>
/// <param name="MustBeep">Whether a right lead beeps there.</param>
/// <param name="Because">What it would find, in the builder's words.</param>
public sealed record SheetTest<TEnd>(TEnd One, TEnd Other, bool MustBeep, string Because);
