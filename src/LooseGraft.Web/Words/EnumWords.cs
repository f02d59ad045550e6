using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Wire.Drawing;
using LooseGraft.Core.Wire.Schools;

namespace LooseGraft.Web.Words;

/// <summary>How the choices of a form are worded.</summary>
public static class EnumWords
{
    public static string Words(this JointSchool school) => school switch
    {
        JointSchool.BuyAdapter => "Buy the adapter",
        JointSchool.ChangeLeads => "Change the shell's leads",
        JointSchool.ChangeBoard => "Change the board",
        _ => throw new ArgumentOutOfRangeException(nameof(school), school, null),
    };

    public static string Words(this FitWord word) => word switch
    {
        FitWord.NeverTried => "nobody has tried",
        FitWord.SomeonesReport => "somebody reports",
        FitWord.SellersWord => "the seller says",
        FitWord.MakersList => "stands on the maker's list",
        _ => throw new ArgumentOutOfRangeException(nameof(word), word, null),
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

    public static string Words(this PartKind kind) => kind == PartKind.PassThrough ? "pass-through box" : kind.ToString().ToLowerInvariant();

    public static string Words(this MeterMode mode) => mode switch
    {
        MeterMode.VoltsDc => "DC volts",
        MeterMode.Ohms => "ohms",
        MeterMode.Beep => "continuity (beep)",
        MeterMode.Diode => "diode test",
        MeterMode.Length => "caliper or rule",
        _ => throw new ArgumentOutOfRangeException(nameof(mode), mode, null),
    };

    public static string Words(this PowerState power) => power switch
    {
        PowerState.Off => "power off, unplugged",
        PowerState.Standby => "plugged in, machine off",
        PowerState.On => "machine on",
        _ => throw new ArgumentOutOfRangeException(nameof(power), power, null),
    };

    public static string Words(this ReadingVerdict verdict) => verdict switch
    {
        ReadingVerdict.Confirms => "confirms",
        ReadingVerdict.Contradicts => "contradicts",
        ReadingVerdict.LeavesOpen => "leaves open",
        _ => throw new ArgumentOutOfRangeException(nameof(verdict), verdict, null),
    };

    /// <summary>The shape of a reading's verdict.</summary>
    public static string Shape(this ReadingVerdict verdict) => verdict switch
    {
        ReadingVerdict.Confirms => "fine",
        ReadingVerdict.Contradicts => "fix",
        _ => "check",
    };

    public static string Words(this LifeVerdict life) => life switch
    {
        LifeVerdict.Alive => "proven alive",
        LifeVerdict.NoSign => "no sign of life",
        _ => "not proven alive yet",
    };

    public static string Words(this Keying keying) => keying switch
    {
        Keying.None => "nothing: it goes on any way",
        Keying.KeyPin => "a missing pin",
        Keying.Shroud => "a wall with a notch",
        Keying.Contour => "the shape of its body",
        _ => throw new ArgumentOutOfRangeException(nameof(keying), keying, null),
    };

    public static string Words(this Numbering numbering) => numbering switch
    {
        Numbering.Zigzag => "1 above 2, then 3 above 4",
        Numbering.AlongRows => "along the first row, then the next",
        Numbering.Around => "along the first row, back along the second",
        _ => throw new ArgumentOutOfRangeException(nameof(numbering), numbering, null),
    };

    public static string Words(this Gender gender) => gender == Gender.Male ? "pins" : "sockets";

    public static string Words(this PartOrigin origin) => origin switch
    {
        PartOrigin.Donor => "from the donor",
        PartOrigin.Shell => "belongs to the shell",
        PartOrigin.Bin => "from the bin",
        PartOrigin.Bought => "bought",
        PartOrigin.ToBuy => "to buy",
        _ => throw new ArgumentOutOfRangeException(nameof(origin), origin, null),
    };
}
