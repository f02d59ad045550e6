using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Nets;

/// <summary>A contact in a net.</summary>
/// <param name="End">The end it is on.</param>
/// <param name="Position">Its position.</param>
internal sealed record NetContact(JointEnd End, int Position)
{
    public (PortId Port, int Position) Key => (End.Id, Position);

    public Terminal Terminal => End.At(Position);

    public string Words => $"position {Position} of {End.Port.Name}";
}
