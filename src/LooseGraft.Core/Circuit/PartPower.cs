namespace LooseGraft.Core.Circuit;

/// <summary>Which supplies keep which part alive, read from the nets with every switch closed.</summary>
/// <remarks>A part is fed by the supplies its own supply contacts reach, through other parts if need be: what a board or converter makes it makes of what it
/// gets. Linear in contacts; each part is looked at once.</remarks>
internal sealed class PartPower(Netlist netlist, NetState closed)
{
    private static readonly Feeds Unknown = new([], []);

    private readonly Dictionary<string, Feeds> _known = [];

    /// <summary>Whether some supply can be off, or on standby, while one part is on and another without any power of its own.</summary>
    /// <param name="on">Id of the part that has power.</param>
    /// <param name="off">Id of the part that has none.</param>
    public bool CanOutlast(string on, string off)
    {
        var (giver, taker) = (Of(on), Of(off));
        if (giver.IsUnknown || taker.IsUnknown) return false;
        // What runs on two supplies is dead only with both of them; what has nothing but standby lives on when the machine is off.
        return giver.Active.Any(supply => !taker.Main.Contains(supply) && !taker.Standby.Contains(supply))
            || (giver.Main.Count == 0 && taker.Standby.Count == 0);
    }

    /// <summary>Whether what gives at a contact can be on while a part is without any power of its own: standby is, while the machine is off.</summary>
    public bool CanOutlast(CircuitContact giver, string off)
        => giver.Role is { Kind: RoleKind.Source, IsStandby: true } && Of(off) is { IsUnknown: false } taker
            ? taker.Standby.Count == 0 : CanOutlast(giver.Part.Id, off);

    private Feeds Of(string part)
    {
        if (_known.TryGetValue(part, out var known)) return known;
        // Two that feed each other in a ring are fed by nothing else.
        _known[part] = Unknown;
        var (main, standby) = (new HashSet<string>(), new HashSet<string>());
        foreach (var contact in netlist.ContactsOf(part))
        {
            if (contact.Role.Kind is not (RoleKind.Rail or RoleKind.Load) || FeedOf(contact) is not { } feed) continue;
            var behind = Of(feed.Part.Id);
            if (behind.IsUnknown) (feed.Role.IsStandby ? standby : main).Add(feed.Part.Id);
            else if (feed.Role.IsStandby) standby.UnionWith(behind.Standby.Count > 0 ? behind.Standby : behind.Main);
            else main.UnionWith(behind.Main.Count > 0 ? behind.Main : behind.Standby);
        }

        if (main.Count + standby.Count == 0)
        {
            foreach (var contact in netlist.ContactsOf(part))
            {
                if (contact.Role.Kind == RoleKind.Source) (contact.Role.IsStandby ? standby : main).Add(part);
            }
        }

        return _known[part] = new Feeds(main, standby);
    }

    // A source, or the board or converter of which the supply comes that this contact takes.
    private CircuitContact? FeedOf(CircuitContact contact)
        => closed.Of(contact) is { } net
            ? net.Of(RoleKind.Source).Concat(net.Of(RoleKind.Rail)).FirstOrDefault(feed => feed.Part.Id != contact.Part.Id) : null;

    /// <summary>The supplies that feed a part; none where nobody can tell.</summary>
    private sealed record Feeds(HashSet<string> Main, HashSet<string> Standby)
    {
        public bool IsUnknown => Main.Count + Standby.Count == 0;

        /// <summary>What its outputs run on: what is left on standby keeps little more than a clock alive in a part that has more.</summary>
        public HashSet<string> Active => Main.Count > 0 ? Main : Standby;
    }
}
