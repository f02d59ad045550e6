using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>A plug that nothing takes.</summary>
/// <param name="Supply">Id of its supply.</param>
/// <param name="Name">Written string/plug.</param>
/// <param name="Type">The kind of connector.</param>
/// <param name="Parts">Whether it parts in two; null when nobody looked.</param>
public sealed record FreePlug(string Supply, string Name, ConnectorType Type, bool? Parts = null)
{
    /// <summary>What it is called in its graft.</summary>
    public string In(Graft graft)
        => graft.Supplies.FirstOrDefault(supply => supply.Id == Supply) is { } supply ? graft.NameOfPlug(supply, Name) : Name;

    /// <summary>Whether it goes into a socket as it is, or in part: null where it does only if it parts, and nobody looked.</summary>
    public bool? Serves(ConnectorType socket) => Type == socket ? true : Type.MayServe(socket) ? Parts : false;
}
