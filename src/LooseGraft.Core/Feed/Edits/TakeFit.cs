using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Takes the likely figures of a part over from what was read at the wall. Its ranges stay, and so does the evidence: which part took how much of a
/// reading is reckoned, not read.</summary>
/// <param name="Part">The part.</param>
/// <param name="Rails">The rails that it takes from the supply that was read through.</param>
/// <param name="Share">Where in its range its power lies: −1 at low, 0 at likely, 1 at high. What is beyond counts as that, what is no figure as 0.</param>
public sealed record TakeFit(string Part, ValueList<string> Rails, double Share) : GraftEdit
{
    private const string Whence = "brought into line with readings at the wall";

    public override Graft Apply(Graft graft) => graft with
    {
        Loads = [.. graft.Loads.Select(load => load.Part != Part ? load
            : load with { Draws = [.. load.Draws.Select(draw => Rails.Contains(draw.Rail) ? Fitted(draw) : draw)] })],
    };

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}: {Whence}: {Said(Apply(graft))}";

    public override string Standing(Graft graft) => Said(graft);

    private string Said(Graft graft) => string.Join(", ", graft.Loads.Where(load => load.Part == Part).SelectMany(load => load.Draws)
        .Where(draw => Rails.Contains(draw.Rail)).Select(draw => $"{draw.Rail} at peak {draw.Peak}").DefaultIfEmpty("no such draw"));

    private Draw Fitted(Draw draw)
        => Share is 0 or double.NaN ? draw : draw with
        {
            Idle = At(draw.Idle),
            Typical = At(draw.Typical),
            Peak = At(draw.Peak),
            Note = draw.Note ?? Whence,
        };

    private Spread<Amps> At(Spread<Amps> figures)
    {
        var share = Math.Clamp(Share, -1, 1);
        var likely = figures.Likely.Value + (share * (share < 0 ? figures.Likely.Value - figures.Low.Value : figures.High.Value - figures.Likely.Value));
        return new Spread<Amps>(figures.Low, new Amps(Math.Clamp(likely, figures.Low.Value, figures.High.Value)), figures.High);
    }
}
