using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Drawing;

namespace LooseGraft.Web.Words;

/// <summary>How the choices of a form are worded.</summary>
public static class EnumWords
{
    public static string Words(this JointMethod method) => method switch
    {
        JointMethod.Straight => "straight: push it on as it is",
        JointMethod.Adapter => "adapter: buy a go-between",
        JointMethod.Repin => "re-pin: move terminals in the housing",
        JointMethod.Splice => "splice: cut and join the shell's lead",
        JointMethod.Bridge => "bridge: solder a link on the board",
        JointMethod.Rebuild => "rebuild: make a lead",
        JointMethod.LeaveOff => "leave it off",
        _ => throw new ArgumentOutOfRangeException(nameof(method), method, null),
    };

    public static string Words(this ContactState contact) => contact switch
    {
        ContactState.Wired => "a contact with a conductor",
        ContactState.Unwired => "a contact, but no conductor",
        ContactState.Absent => "nothing: left out",
        ContactState.Blocked => "a filled cavity (key)",
        _ => throw new ArgumentOutOfRangeException(nameof(contact), contact, null),
    };

    public static string Words(this SignalDirection direction) => direction switch
    {
        SignalDirection.Unstated => "as usual for this signal",
        SignalDirection.In => "this part listens or takes",
        SignalDirection.Out => "this part drives or gives",
        SignalDirection.Both => "both in turn",
        SignalDirection.Passive => "neither: a switch, a lamp, a bare wire",
        _ => throw new ArgumentOutOfRangeException(nameof(direction), direction, null),
    };

    public static string Words(this ConnectorView view) => view == ConnectorView.MatingFace ? "mating face" : "wire side";

    public static string Words(this PartKind kind) => kind.ToString().ToLowerInvariant();

    public static string Words(this Gender gender) => gender == Gender.Male ? "pins" : "sockets";

    public static string Words(this PartOrigin? origin) => origin switch
    {
        PartOrigin.Donor => "from the donor",
        PartOrigin.Shell => "belongs to the shell",
        PartOrigin.Bin => "from the bin",
        PartOrigin.Bought => "bought",
        PartOrigin.ToBuy => "to buy",
        _ => "nobody said whence",
    };
}
