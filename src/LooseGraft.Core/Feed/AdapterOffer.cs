using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>A usual adapter by which free plugs could serve a socket, held against the current it would carry.</summary>
/// <param name="Adapter">The adapter.</param>
/// <param name="Plugs">The plugs it takes, one or more.</param>
/// <param name="Rail">Of the rails that the part takes, the one on which it is asked for most of what it bears; null when nobody knows what the part takes.
/// </param>
/// <param name="Asked">What the part takes of that rail at peak, high figure.</param>
/// <param name="Bears">What contacts and wires of the adapter bear of it, 18 AWG; 0 where it has none.</param>
public sealed record AdapterOffer(PartTemplate Adapter, ImmutableArray<FreePlug> Plugs, string? Rail, Amps Asked, Amps Bears)
{
    /// <summary>Whether it bears what the part takes, as far as that is known.</summary>
    public bool Carries => Asked <= Bears;

    /// <summary>Adapters for which enough plugs are left, those that bear the part first; null when there is none.</summary>
    internal static AdapterOffer? For(Graft graft, WantingPort wanting, IReadOnlyCollection<FreePlug> left)
        => (from template in PartTemplate.All
            where template.Kind == PartKind.Adapter && template.Ports is [{ Gender: Gender.Male }, .., { Gender: Gender.Female } outer]
                && outer.Connector == wanting.Port.Type.Id
            let inner = template.Ports!.Where(port => port.Gender == Gender.Male).ToArray()
            let plugs = left.Where(plug => plug.Type.Id == inner[0].Connector).Take(inner.Length).ToImmutableArray()
            where plugs.Length == inner.Length && inner.All(port => port.Connector == inner[0].Connector)
            let offer = Of(graft, wanting, template, plugs)
            orderby offer.Carries descending, plugs.Length
            select offer).FirstOrDefault();

    private static AdapterOffer Of(Graft graft, WantingPort wanting, PartTemplate template, ImmutableArray<FreePlug> plugs)
    {
        var worst = (from load in graft.Loads
                     where load.Part == wanting.Part.Id
                     from draw in load.Draws
                     where draw.Peak.High > Amps.Zero && (draw.Socket is null || draw.Socket == wanting.Port.Id)
                     let bears = BearsOf(template, draw.Rail)
                     orderby draw.Peak.High.Value / bears descending
                     select (draw.Rail, draw.Peak.High, Bears: bears)).FirstOrDefault();
        return new AdapterOffer(template, plugs, worst.Rail, worst.High, new Amps(worst.Bears));
    }

    private static double BearsOf(PartTemplate template, string rail)
        => template.Ports!.GroupBy(port => port.Gender).Min(end => end.Sum(port => BearsOf(port, rail)));

    private static double BearsOf(PortTemplate port, string rail)
    {
        var (type, gauge) = (ConnectorTypes.Find(port.Connector)!, WireGauge.Of(WireGauge.Usual));
        var contacts = (port.Signals ?? type.Pinout).Count(signal => signal == rail);
        if (contacts == 0) return 0;
        var wire = gauge.OhmsOver(port.LeadMm is { } length ? new Millimetres(length) : null);
        return Math.Min((type.ContactAmps ?? gauge.Amps) / ContactOhms.Of(type).WorstShare(contacts, 0),
            gauge.Amps / ContactOhms.Of(type).WorstShare(contacts, wire));
    }
}
