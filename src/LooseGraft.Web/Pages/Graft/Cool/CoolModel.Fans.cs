using LooseGraft.Core.Cool;
using LooseGraft.Web.Words;

namespace LooseGraft.Web.Pages;

/// <summary>Fans as parts.</summary>
public sealed partial class CoolModel
{
    private FanRow[]? _fans;

    /// <summary>Every fan of the graft, as it is shown.</summary>
    public IReadOnlyList<FanRow> Fans => _fans ??= [.. FanRow.Of(Graft, Review.Feed.Flows, Shown.Scene, Outlook.State)];

    /// <summary>How loud everything is together, in dB(A).</summary>
    public double Decibels => Noise.Of(Shown.Scene, Outlook.State);
}
