using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Takes out a way for air that only Cool knows. A fan in it is one that nobody has placed.</summary>
/// <param name="Way">Its id.</param>
public sealed record RemoveAirWay(string Way) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.WithCooling(cooling => cooling with { Ways = cooling.Ways.RemoveAll(way => way.Id == Way) }).WithCoolingOfWhatIsThere();

    public override string Words(Graft graft) => $"{graft.NameOfWay(Way)} taken out";

    public override string Standing(Graft graft) => graft.Cooling.Ways.Length.Counted("way");
}
