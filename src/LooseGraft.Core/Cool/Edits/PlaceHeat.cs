using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Says where a part heats the air.</summary>
/// <param name="Part">The part.</param>
/// <param name="Place">The space, or outside the shell; null for where Seat has it.</param>
public sealed record PlaceHeat(string Part, HeatPlace? Place) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.FindPart(Part) is null || (Place?.Space is { } space && graft.AirSpaces().All(each => each.Id != space))) return graft;
        return graft.WithCooling(cooling => cooling with
        {
            Places = Place is null ? cooling.Places.RemoveAll(place => place.Part == Part)
                : cooling.Places.With(new HeatPlace(Part, Place.Space) { Unknown = Found(graft)?.Unknown ?? UnknownMembers.None }, place => place.Part == Part),
        });
    }

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} {Said(graft, Place)}";

    public override string Standing(Graft graft) => graft.FindPart(Part) is null ? "this part is not there any more" : Said(graft, Found(graft));

    private HeatPlace? Found(Graft graft) => graft.Cooling.Places.FirstOrDefault(place => place.Part == Part);

    private static string Said(Graft graft, HeatPlace? place) => place switch
    {
        null => "heats the air where Seat has it",
        { Space: null } => "is outside the shell",
        _ => $"heats the air of {graft.NameOfSpace(place.Space)}",
    };
}
