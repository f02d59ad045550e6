namespace LooseGraft.Core.Feed.Wall;

/// <summary>An instrument between the wall and a supply that is read while it runs.</summary>
public interface IWallMeter
{
    /// <summary>Its name.</summary>
    string Name { get; }

    /// <summary>Reads what it shows now.</summary>
    /// <param name="now">The moment.</param>
    /// <param name="cancellation">Gives up.</param>
    /// <returns>What it showed since it was last asked; never an exception for anything an instrument may do.</returns>
    Task<WallAnswer> ReadAsync(DateTimeOffset now, CancellationToken cancellation);
}
