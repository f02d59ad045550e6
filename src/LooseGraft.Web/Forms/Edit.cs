using LooseGraft.Core.Model;

namespace LooseGraft.Web.Forms;

/// <summary>One change a builder asks for.</summary>
/// <param name="What">The change in words, for undo and the history.</param>
/// <param name="Make">Makes the changed graft.</param>
/// <param name="Describe">The thing that changes, as it stands in a graft: shown for both sides when two changes collide.</param>
public sealed record Edit(string What, Func<Graft, Graft> Make, Func<Graft, string> Describe);
