namespace LooseGraft.Core.Wire.Schools;

/// <summary>The three schools of joining what was not made for each other.</summary>
public enum JointSchool
{
    /// <summary>Buy the adapter: clean, quick, money.</summary>
    BuyAdapter,

    /// <summary>Change the shell's leads: cheap, and the shell fits no other board as it is.</summary>
    ChangeLeads,

    /// <summary>Change the board: the shell stays whole, the board does not.</summary>
    ChangeBoard,
}
