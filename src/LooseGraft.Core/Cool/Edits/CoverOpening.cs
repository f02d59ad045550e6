using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Says what covers an opening of Seat, for air.</summary>
/// <param name="Plane">The plane.</param>
/// <param name="Opening">The opening of it.</param>
/// <param name="Cover">What is in it; null for what Seat says: one made for air is open, any other is filled by what it is made for.</param>
/// <param name="FreeShare">The share of it that is free, where somebody measured it.</param>
/// <param name="Filter">The dust filter in it.</param>
/// <param name="IsShut">Whether it is shut.</param>
public sealed record CoverOpening(string Plane, string Opening, AirCover? Cover, double? FreeShare, AirFilter Filter, bool IsShut) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.FindVentOpening($"{Plane}/{Opening}") is null) return graft;
        return graft.WithCooling(cooling => cooling with
        {
            Vents = Said is { } now
                ? cooling.Vents.With(now with { Unknown = Found(graft)?.Unknown ?? UnknownMembers.None }, IsIt) : cooling.Vents.RemoveAll(vent => IsIt(vent)),
        });
    }

    public override string Words(Graft graft) => $"{graft.NameOfWay($"{Plane}/{Opening}")}: {AirText.Cover(Said)}";

    public override string Standing(Graft graft)
        => graft.FindVentOpening($"{Plane}/{Opening}") is null ? "this opening is not there any more" : AirText.Cover(Found(graft));

    private Vent? Said => !IsShut && Cover is null ? null : new Vent(Plane, Opening, Cover ?? AirCover.Open)
    {
        FreeShare = FreeShare,
        Filter = Filter,
        IsShut = IsShut,
    };

    private Vent? Found(Graft graft) => graft.Cooling.Vents.FirstOrDefault(IsIt);

    private bool IsIt(Vent vent) => vent.Plane == Plane && vent.Opening == Opening;
}
