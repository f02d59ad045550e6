using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says that nothing that meets a need feeds, holds or carries power; or takes that back.</summary>
/// <param name="Need">The key of the need.</param>
/// <param name="Name">What it is called.</param>
/// <param name="IsSo">Whether nothing of it does.</param>
public sealed record SayNoPower(string Need, string Name, bool IsSo) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithBuying(buying => buying with
    {
        NoPower = IsSo ? buying.NoPower.With(new NoPower(Need, Name), said => said.Need == Need) : buying.NoPower.RemoveAll(said => said.Need == Need),
    });

    public override string Words(Graft graft) => $"{Name}: {Said(IsSo)}";

    public override string Standing(Graft graft) => Said(graft.Buying.NoPower.Any(said => said.Need == Need));

    private static string Said(bool isSo) => isSo ? "nothing of it feeds, holds or carries power" : "nobody says that it neither feeds, holds nor carries power";
}
