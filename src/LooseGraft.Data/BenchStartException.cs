namespace LooseGraft.Data;

/// <summary>A bench cannot be opened. The message is one sentence or two for whoever started it: what is wrong, and what to do.</summary>
public sealed class BenchStartException(string message) : Exception(message);
