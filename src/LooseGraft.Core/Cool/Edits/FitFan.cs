using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Has a fan bought and mounted.</summary>
/// <param name="Template">Its sort.</param>
/// <param name="Name">What it is called.</param>
/// <param name="InPlaceOf">The fan whose place it takes, which is set aside; null for one more.</param>
/// <param name="Way">What it blows through; null for one that only stirs.</param>
/// <param name="Blows">Which way.</param>
/// <param name="SizeMm">The side of its frame.</param>
/// <param name="Space">The space whose air it stirs; null where it blows through something.</param>
public sealed record FitFan(PartTemplate Template, string Name, string? InPlaceOf, string? Way, AirDirection Blows, double SizeMm, string? Space = null)
    : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if ((InPlaceOf is not null && graft.FindPart(InPlaceOf) is null) || (Way is { } way && graft.AirWays().All(each => each.Key != way))) return graft;
        if (Space is { } stirred && graft.AirSpaces().All(each => each.Id != stirred)) return graft;
        var with = TemplatePart.Add(graft, Template, Name, PartOrigin.ToBuy, null);
        var part = with.Parts[^1].Id;
        with = with.WithPart(part, made => made with { InPlaceOf = InPlaceOf });
        return with.WithCooling(cooling => cooling with
        {
            Fans = cooling.Fans.Add(new FanPlace(part) { Way = Way, Blows = Blows, Size = new(SizeMm) }),
            Places = Space is null ? cooling.Places : cooling.Places.Add(new HeatPlace(part, Space)),
        });
    }

    public override string Words(Graft graft)
    {
        var old = InPlaceOf is null ? "" : $"in the place of {graft.NameOf(InPlaceOf)}, ";
        var does = Way is null ? $"to stir the air of {graft.NameOfSpace(Space)}" : $"to blow {graft.Towards(Way, Blows)} through {graft.NameOfWay(Way)}";
        return $"{Name} to buy, {old}{does}";
    }

    public override string Standing(Graft graft) => graft.Parts.Count(part => part.Kind == PartKind.Fan).Counted("fan");
}
