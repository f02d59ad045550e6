using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says which of its maker's revisions a part is.</summary>
public sealed record SetRevision(string Part, Known<string>? Revision) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with { BoardRevision = Revision });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}: {Said(Revision)}";

    public override string Standing(Graft graft) => Said(graft.FindPart(Part)?.BoardRevision);

    private static string Said(Known<string>? revision) => revision is { } known ? $"revision {known.Value}, {known.Evidence.Words()}" : "no revision";
}
