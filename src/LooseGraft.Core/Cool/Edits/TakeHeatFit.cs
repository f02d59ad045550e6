using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Takes over what readings say of the air and of coolers, or lets go of it.</summary>
/// <param name="Air">How many times the air goes through that is worked out; null for as it is worked out.</param>
/// <param name="Contacts">The coolers; of every other nothing is taken over.</param>
public sealed record TakeHeatFit(Spread<Factor>? Air, ValueList<ContactFit> Contacts) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        var cooling = graft.Cooling;
        // What was fitted to a cooler that is no longer there says nothing.
        var parts = Contacts.Select(contact => contact.Part).Where(part => graft.FindPart(part) is not null).Distinct();
        var unsaid = parts.Where(part => cooling.Coolers.All(cooler => cooler.Part != part)).Select(part => new CoolerPlace(part));
        var coolers = cooling.Coolers.Concat(unsaid).Select(cooler => cooler with { Contact = TimesOf(cooler) });
        return graft with { Cooling = cooling with { AirFactor = Air, Coolers = [.. coolers] } };
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
            .. air is { } times ? [$"air {times.Likely}"] : Array.Empty<string>(),
            .. contacts.Select(contact => $"cooler of {graft.NameOf(contact.Part)} {contact.Times.Likely} as hard"),
        ];
        return said.Length == 0 ? "nothing" : string.Join(", ", said);
    }
}
