namespace LooseGraft.Core.Facts;

/// <summary>How much of what a supply takes it gives on, by its label.</summary>
public enum EfficiencyClass
{
    /// <summary>Nothing is said.</summary>
    Unlabelled,

    /// <summary>Certified 80 % at three loads.</summary>
    Plain,

    /// <summary>Bronze.</summary>
    Bronze,

    /// <summary>Silver.</summary>
    Silver,

    /// <summary>Gold.</summary>
    Gold,

    /// <summary>Platinum.</summary>
    Platinum,

    /// <summary>Titanium.</summary>
    Titanium,

    /// <summary>A switching DC-DC converter.</summary>
    Converter,

    /// <summary>Passes on what it takes: a fused box, a switch.</summary>
    Lossless,
}
