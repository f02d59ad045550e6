using System.Globalization;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Puts the plug of a joint elsewhere on its header.</summary>
/// <param name="Joint">The joint.</param>
/// <param name="PinOneOn">Position of the header on which position 1 of the plug lies.</param>
/// <param name="TurnDegrees">How far the plug is turned: 0, 90, 180 or 270 degrees.</param>
public sealed record PlacePlug(string Joint, int PinOneOn, int TurnDegrees) : JointEdit(Joint)
{
    protected override Joint Change(Joint joint) => joint with { PinOneOn = PinOneOn, TurnDegrees = TurnDegrees };

    protected override string What
        => string.Create(CultureInfo.InvariantCulture, $"position 1 of the plug on {PinOneOn}{(TurnDegrees == 0 ? "" : $", turned {TurnDegrees}°")}");
}
