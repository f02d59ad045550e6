using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>A connector as a line describes it.</summary>
/// <param name="Shape">Its name and its shape; it has no pins and no id.</param>
/// <param name="Pins">What is written of its contacts; empty where nothing is.</param>
public sealed record WrittenPort(Port Shape, ValueList<WrittenPin> Pins);
