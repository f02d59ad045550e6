using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Takes back that a load takes anything from a rail; a load that takes nothing is none.</summary>
public sealed record RemoveDraw(string Load, string Rail, string? Socket) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with
    {
        Loads = [.. graft.Loads
            .Select(load => load.Id != Load ? load : load with { Draws = load.Draws.RemoveAll(draw => draw.Rail == Rail && draw.Socket == Socket) })
            .Where(load => load.Id != Load || !load.Draws.IsEmpty)],
    };

    public override string Words(Graft graft) => $"{Load} no longer draws from {Rail}";

    public override string Standing(Graft graft) => (graft.Loads.Sum(load => load.Draws.Length)).Counted("draw");
}
