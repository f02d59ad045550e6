using LooseGraft.Data;

namespace LooseGraft.Web.Tests;

/// <summary>Edits of a test's own, for what no page offers.</summary>
internal static class StoreEdits
{
    public static Task<SaveResult> ChangeAsync(
        this GraftStore store, int id, int revision, string what, Func<Graft, Graft> make, CancellationToken cancellation)
        => store.ChangeAsync(id, revision, new OwnEdit(what, make), cancellation);

    private sealed record OwnEdit(string What, Func<Graft, Graft> Make) : GraftEdit
    {
        public override Graft Apply(Graft graft) => Make(graft);

        public override string Words(Graft graft) => What;

        public override string Standing(Graft graft) => graft.Name;
    }
}
