using LooseGraft.Data;
using LooseGraft.Web.Hosting;

namespace LooseGraft.Web.Pages;

/// <summary>What is already known for Wake, which does not compute yet.</summary>
public sealed class WakeModel(GraftStore store, ReviewDesk reviews) : ToComeModel(store, reviews)
{
    public override string Will => "It will choose the next trial so that the most suspects fall away.";

    public override IEnumerable<string> AlreadyKnown => Graft.Parts
        .SelectMany(part => part.Ports.SelectMany(port => port.Pins).Where(pin => pin.NeededFor is not null)
            .Select(pin => $"{part.Name} will not wake without {pin.Signal.Value}: {pin.NeededFor}."))
        .DefaultIfEmpty("No contact is known to keep it from waking.");
}
