using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Chooses the school by which the heat of a shell is judged.</summary>
/// <param name="School">The school.</param>
public sealed record TrustHeatSchool(HeatSchool School) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithCooling(cooling => cooling with { School = School });

    public override string Words(Graft graft) => $"Trusts the school: {School.Words()}";

    public override string Standing(Graft graft) => graft.Cooling.School?.Words() ?? "none chosen";
}
