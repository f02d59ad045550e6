namespace LooseGraft.Core.Cool.Asking;

/// <summary>What is asked for.</summary>
public enum CoolAsk
{
    /// <summary>How many watts the thing's part may take at peak.</summary>
    Watts,

    /// <summary>How large an opening has to be.</summary>
    Opening,

    /// <summary>How few volts do for the fans.</summary>
    FanVolts,
}
