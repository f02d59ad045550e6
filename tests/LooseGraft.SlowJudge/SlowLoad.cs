namespace LooseGraft.SlowJudge;

/// <summary>Something that takes power, and what it bears of being left without.</summary>
internal sealed record SlowLoad(string Name, int Plus, int Minus, double Volts, bool IsOffInStandby, bool WantsStandby, bool IsWired, bool RunsOnLess);
