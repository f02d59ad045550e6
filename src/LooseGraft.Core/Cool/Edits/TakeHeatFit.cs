using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Takes over what readings say of the air and of coolers, or lets go of it.</summary>
/// <param name="Air">How many times the air goes through that is worked out; null for as it is worked out.</param>
/// <param name="Contacts">The coolers; of every other nothing is taken over.</param>
public sealed record TakeHeatFit(Spread<Factor>? Air, ValueList<ContactFit> Contacts) : GraftEdit
{
    /// <summary>What of a fit can be reckoned with: factors that are otherwise than usual, of the air where less goes through, of coolers that touch at
    /// all.</summary>
    /// <remarks>More air than is worked out comes through gaps that nobody wrote down. It says nothing of a cut or a fan that is not there yet, and as one
    /// factor stands for all ways, those would be promised too much; so what is better than worked out stays in hand.</remarks>
    public static TakeHeatFit Of(HeatFit fit) => new(
        fit.Air is { } air && HeatFit.IsOtherwise(air) && air.Likely.Value <= 1 ? air : null,
        [.. fit.Contacts.Where(contact => HeatFit.IsOtherwise(contact.Times) && contact.Times.Likely.Value <= ContactFit.Most)]);

    public override Graft Apply(Graft graft)
    {
        var cooling = graft.Cooling;
        // What was fitted to a cooler that is no longer there says nothing.
        var parts = Contacts.Select(contact => contact.Part).Where(part => graft.FindPart(part) is not null).Distinct();
        var unsaid = parts.Where(part => cooling.Coolers.All(cooler => cooler.Part != part)).Select(part => new CoolerPlace(part));
        // Of whose cooler nothing is said but that, nothing is left once it is let go of.
        var coolers = cooling.Coolers.Concat(unsaid).Select(cooler => cooler with { Contact = TimesOf(cooler) });
        return graft with { Cooling = cooling with { AirFactor = Air, Coolers = [.. coolers.Where(cooler => cooler != new CoolerPlace(cooler.Part))] } };
    }

    private Spread<Factor>? TimesOf(CoolerPlace cooler) => Contacts.FirstOrDefault(contact => contact.Part == cooler.Part)?.Times;

    public override string Words(Graft graft) => $"Taken over from readings: {Said(graft, Air, Contacts)}";

    public override string Standing(Graft graft)
    {
        var contacts = from cooler in graft.Cooling.Coolers
                       let times = cooler.Contact
                       where times.HasValue
                       select new ContactFit(cooler.Part, times.Value);
        return Said(graft, graft.Cooling.AirFactor, contacts);
    }

    private static string Said(Graft graft, Spread<Factor>? air, IEnumerable<ContactFit> contacts)
    {
        string[] said =
        [
            .. air is { } times ? [$"air {times.Likely}{(times.Likely.Value > 1 ? ", reckoned as once" : "")}"] : Array.Empty<string>(),
            .. contacts.Select(contact => $"cooler of {graft.NameOf(contact.Part)} {contact.Times.Likely} as hard"),
        ];
        return said.Length == 0 ? "nothing" : string.Join(", ", said);
    }
}
