namespace LooseGraft.Core.Facts;

/// <summary>The reference figures as a whole. Each kind is read when it is first asked for.</summary>
public static class ReferenceFigures
{
    /// <summary>Reads those that a graft's file and nearly every review ask for, in the order in which they do: a program that has just started can be busy
    /// with something else meanwhile.</summary>
    /// <returns>How many entries there are.</returns>
    public static int Read()
        => ConnectorTypes.All.Count + SignalVocabulary.Standard.Entries.Count + MountMethodFact.All.Count + ScrewThread.Machine.Count + PartTemplate.All.Count
            + CaseDutyFact.All.Count + WireGauge.All.Count + Conversion.All.Count + EfficiencyEntry.All.Count;
}
