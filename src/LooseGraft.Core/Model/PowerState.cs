namespace LooseGraft.Core.Model;

/// <summary>Whether power is applied while something is measured.</summary>
public enum PowerState
{
    /// <summary>Unplugged, and waited until the last light went out.</summary>
    Off,

    /// <summary>Plugged in, the machine off.</summary>
    Standby,

    /// <summary>Running.</summary>
    On,
}
