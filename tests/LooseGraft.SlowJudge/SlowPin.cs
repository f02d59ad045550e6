using System.Globalization;

namespace LooseGraft.SlowJudge;

/// <summary>A contact as this judge sees it.</summary>
internal sealed record SlowPin(string Part, string Kind, string Port, int Position, string Signal, string Direction, double? Level)
{
    /// <summary>The volts that the signal names; null when it names none.</summary>
    public double? Volts
        => Signal.Split(' ') is [var number, "V", ..] && double.TryParse(number, NumberStyles.Float, CultureInfo.InvariantCulture, out var volts)
        ? volts
        : null;

    public bool IsStandby => Signal.EndsWith("standby", StringComparison.Ordinal);

    public bool IsGround => Signal == "ground";

    public bool Conducts => Kind is "lead" or "adapter" or "switch";

    public bool IsBoard => Kind == "board";

    public bool Gives => Kind is "supply" or "brick";
}
