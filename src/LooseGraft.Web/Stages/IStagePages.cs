namespace LooseGraft.Web.Stages;

/// <summary>Lies in the folder of a stage's pages and says what the product has to know of them. To be there is to be found: no list names it.</summary>
public interface IStagePages
{
    /// <summary>The pages.</summary>
    static abstract StagePages Pages { get; }
}
