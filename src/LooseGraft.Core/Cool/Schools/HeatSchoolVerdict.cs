using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Schools;

/// <summary>What one school says of a shell at peak.</summary>
/// <param name="School">The school.</param>
/// <param name="Band">How it fares by it; null where the school has nothing to go on.</param>
/// <param name="Figure">Its figure, in a few words; empty for none.</param>
/// <param name="Words">How the figure came about, or what is missing.</param>
/// <param name="Evidence">What it rests on.</param>
public sealed record HeatSchoolVerdict(HeatSchool School, HeatBand? Band, string Figure, string Words, Evidence Evidence);
