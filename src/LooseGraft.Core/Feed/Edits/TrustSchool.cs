using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Chooses the school by which supplies are judged.</summary>
public sealed record TrustSchool(FeedSchool School) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with { TrustedSchool = School };

    public override string Words(Graft graft) => $"Trusts the school: {School.Words()}";

    public override string Standing(Graft graft) => graft.TrustedSchool?.Words() ?? "none chosen";
}
