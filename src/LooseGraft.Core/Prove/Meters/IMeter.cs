namespace LooseGraft.Core.Prove.Meters;

/// <summary>A bench instrument that can be asked for a reading.</summary>
public interface IMeter
{
    /// <summary>Its name, as it is written beside a reading.</summary>
    string Name { get; }

    /// <summary>Takes one reading. The probes are where the builder holds them; a real instrument cannot tell whether that is where they should be.</summary>
    /// <param name="request">What is to be measured.</param>
    /// <param name="cancellation">Gives up.</param>
    /// <returns>What it showed, or why there is no reading; never an exception for anything an instrument may do.</returns>
    Task<MeterAnswer> MeasureAsync(MeterRequest request, CancellationToken cancellation);
}
