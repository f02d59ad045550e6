namespace LooseGraft.Core.Model;

/// <summary>How a part is meant to be fed, as long as no joint says so.</summary>
/// <param name="Supply">Id of the supply that shall feed it.</param>
public sealed record MeantWay(string Supply)
{
    /// <summary>The plug of that supply that it shall take, written string/plug; null when nobody said.</summary>
    public string? Plug { get; init; }

    /// <summary>The rail of that supply, where it shall hang on the supply itself and several rails serve; null for the first of them.</summary>
    public string? Rail { get; init; }

    /// <summary>The port of another part that shall feed it on: a fan on a board's header, a drive on a board's outlet; null when it shall hang on the supply.
    /// </summary>
    public PortId? Through { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
