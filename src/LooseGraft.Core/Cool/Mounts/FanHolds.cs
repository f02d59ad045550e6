using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Cool.Mounts;

/// <summary>What holds fans, in a builder's words.</summary>
public static class FanHolds
{
    /// <summary>What it is.</summary>
    public static string Words(this FanHold hold) => hold switch
    {
        FanHold.Screws => "screws",
        FanHold.Rubber => "rubber pins or pads",
        FanHold.Ties => "ties, bands, tape or glue",
        _ => "nothing",
    };
}
