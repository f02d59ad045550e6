using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;
using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Circuit.Elements;

/// <summary>Voltages and currents of the elements of a circuit in one state of its contacts.</summary>
/// <remarks>
/// <para>Nets are nodes. A net with a supply is held at its voltage, one with a ground at zero; the rest are solved. The matrix of each group of unknown nets
/// is symmetric and positive definite, so it is factored by Cholesky. Diodes are on or off: the state in which each conducts forward or blocks is found by
/// turning one wrong one after the other, and by trying all when that does not end. It is the only one, as every branch takes more current at more
/// voltage.</para>
/// <para>Time: for each group the cube of its nets for each state of its diodes. Groups of more than <see cref="MostNodes"/> nets, or that do not settle with
/// more than <see cref="MostDiodes"/> diodes, are left out, and <see cref="IsWhole"/> says so.</para>
/// </remarks>
internal sealed class ElementNetwork
{
    /// <summary>So many nets of one group are solved: a panel of a hundred lights has as many.</summary>
    public const int MostNodes = 200;

    /// <summary>Of so many diodes every state is tried.</summary>
    public const int MostDiodes = 10;

    // What hangs in the air leaks to ground: a gigaohm, as much as a meter sees of a dry board.
    private const double LeakSiemens = 1e-9;
    private const double Tiny = 1e-7;

    private readonly NetState _state;
    private readonly Dictionary<int, double> _volts = [];
    private readonly List<Branch> _branches = [];
    private readonly Dictionary<int, double> _drawn;

    /// <summary>Solves a state.</summary>
    /// <param name="netlist">The circuit.</param>
    /// <param name="state">Its nets.</param>
    /// <param name="areDriversUp">Whether outputs that drive up are up, or drive nothing.</param>
    /// <param name="held">Nodes that are held at a voltage besides.</param>
    /// <param name="drawn">Amperes that are drawn from nodes.</param>
    public ElementNetwork(
        Netlist netlist, NetState state, bool areDriversUp, IReadOnlyDictionary<int, double>? held = null, Dictionary<int, double>? drawn = null)
    {
        (_state, _drawn) = (state, drawn ?? []);
        foreach (var element in netlist.Elements)
        {
            var (one, other) = (NodeOf(element.One), NodeOf(element.Other));
            if (one == other) continue;
            _branches.AddRange(Branch.Of(element, one, other));
            foreach (var contact in new[] { element.One, element.Other })
            {
                if (held?.TryGetValue(NodeOf(contact), out var volts) == true) _volts[NodeOf(contact)] = volts;
                else if (HeldAt(contact, areDriversUp) is { } fixedAt) _volts[NodeOf(contact)] = fixedAt.Value;
            }
        }

        foreach (var node in _volts.Keys) Fixed.Add(node);
        SolveAll();
    }

    /// <summary>Nodes that something holds.</summary>
    public HashSet<int> Fixed { get; } = [];

    /// <summary>Whether everything was solved.</summary>
    public bool IsWhole { get; private set; } = true;

    /// <summary>The node a contact is in.</summary>
    public int NodeOf(CircuitContact contact) => _state.NodeOf(contact);

    /// <summary>The volts of a contact against ground; null where no element leads to it, or it was not solved.</summary>
    public double? VoltsAt(CircuitContact contact) => _volts.TryGetValue(NodeOf(contact), out var volts) ? volts : null;

    /// <summary>Amperes through an element from its plus side.</summary>
    public double Through(Element element) => _branches.Where(branch => ReferenceEquals(branch.Element, element))
        .Sum(branch => branch.From == NodeOf(element.One) ? Amps(branch) : -Amps(branch));

    /// <summary>Volts across an element; null where it was not solved.</summary>
    public double? Across(Element element) => VoltsAt(element.One) - VoltsAt(element.Other);

    /// <summary>What an element sees.</summary>
    public ElementFlow Flow(Element element) => new(element.Link, new Volts(Across(element) ?? 0), new Amps(Through(element)));

    /// <summary>What holds the net of a contact: a supply, or an output that is up; null for a ground and for what nothing holds.</summary>
    public CircuitContact? HolderOf(CircuitContact contact) => !Fixed.Contains(NodeOf(contact)) ? null
        : _state.Of(contact) is not { } net ? contact.Role.Feeds ? contact : null
        : net.Feed ?? (net.Has(RoleKind.Ground) ? null : net.Of(RoleKind.Driver).FirstOrDefault(driver => driver.Role.Drive == SignalDrive.PushPull));

    /// <summary>An element that ends at the node of a contact.</summary>
    public Element ElementAt(CircuitContact contact)
        => _branches.First(branch => branch.From == NodeOf(contact) || branch.To == NodeOf(contact)).Element;

    /// <summary>What sends current through an element, and the leg at which it enters the elements; null where nothing does.</summary>
    public (CircuitContact Contact, CircuitContact Leg)? Giver(Element element) => Giver(element.One) is { } one && Giver(element.Other) is { } other
        ? Math.Abs(VoltsAt(one.Leg)!.Value) >= Math.Abs(VoltsAt(other.Leg)!.Value) ? one : other
        : Giver(element.One) ?? Giver(element.Other);

    /// <summary>What brings a voltage to a contact by way of elements, the highest of several.</summary>
    public (CircuitContact Contact, CircuitContact Leg)? Giver(CircuitContact contact, int? besides = null)
    {
        // What holds a net gives what flows from it; what else hangs on it is not seen beyond.
        if (Fixed.Contains(NodeOf(contact)) && NodeOf(contact) != besides) return HolderOf(contact) is { } own ? (own, contact) : null;
        var beside = Group(NodeOf(contact));
        return (from branch in _branches
                from leg in new[] { branch.Element.One, branch.Element.Other }
                where beside.Contains(NodeOf(leg)) && NodeOf(leg) != besides
                let holder = HolderOf(leg)
                where holder is not null
                orderby Math.Abs(VoltsAt(leg)!.Value) descending
                select ((CircuitContact, CircuitContact)?)(holder, leg)).FirstOrDefault();
    }

    /// <summary>Amperes that elements send into a node.</summary>
    public double Into(int node) => _branches.Sum(branch => branch.To == node ? Amps(branch) : branch.From == node ? -Amps(branch) : 0);

    /// <summary>Nodes that elements join to a node without a held one between, and the held ones at their ends.</summary>
    public HashSet<int> Group(int node)
    {
        var (group, waiting) = (new HashSet<int> { node }, new Stack<int>([node]));
        while (waiting.TryPop(out var at))
        {
            if (at != node && Fixed.Contains(at)) continue;
            foreach (var branch in _branches)
            {
                if (branch.From == at && group.Add(branch.To)) waiting.Push(branch.To);
                if (branch.To == at && group.Add(branch.From)) waiting.Push(branch.From);
            }
        }

        return group;
    }

    private Volts? HeldAt(CircuitContact contact, bool areDriversUp)
    {
        if (_state.Of(contact) is not { } net) return contact.Role.Kind == RoleKind.Ground ? Volts.Zero : contact.Role.Gives?.High;
        if (net.Feed is { } feed) return feed.Role.Gives!.Value.High;
        if (net.Has(RoleKind.Ground)) return Volts.Zero;
        return areDriversUp && net.Of(RoleKind.Driver).FirstOrDefault(driver => driver.Role.Drive == SignalDrive.PushPull) is { } up
            ? up.Role.Level ?? ContactRole.UsualLogic : null;
    }

    private double Amps(Branch branch)
    {
        if (!_volts.TryGetValue(branch.From, out var from) || !_volts.TryGetValue(branch.To, out var to)) return 0;
        var across = from - to - (branch.Threshold ?? 0);
        return branch.Threshold is not null && across <= 0 ? 0 : across / branch.Ohms;
    }

    private void SolveAll()
    {
        var seen = new HashSet<int>(Fixed);
        foreach (var start in _branches.SelectMany(branch => new[] { branch.From, branch.To }).Distinct().ToArray())
        {
            if (seen.Contains(start)) continue;
            var unknown = Group(start).Where(node => !Fixed.Contains(node)).ToArray();
            seen.UnionWith(unknown);
            var solved = unknown.Length > MostNodes ? null : Solve(unknown);
            IsWhole &= solved is not null;
            for (var at = 0; solved is not null && at < unknown.Length; at++) _volts[unknown[at]] = solved[at];
        }
    }

    private double[]? Solve(int[] unknown)
    {
        var place = unknown.Index().ToDictionary(node => node.Item, node => node.Index);
        var branches = _branches.Where(branch => place.ContainsKey(branch.From) || place.ContainsKey(branch.To)).ToArray();
        var diodes = branches.Index().Where(branch => branch.Item.Threshold is not null).Select(branch => branch.Index).ToArray();
        var isOn = new bool[branches.Length];
        for (var turn = 0; turn <= (diodes.Length * 4) + 1; turn++)
        {
            var volts = Linear(place, branches, isOn);
            var wrong = Array.FindIndex(diodes, index => IsWrong(branches[index], isOn[index], place, volts));
            if (wrong < 0) return volts;
            isOn[diodes[wrong]] = !isOn[diodes[wrong]];
        }

        return diodes.Length > MostDiodes ? null : Enumerable.Range(0, 1 << diodes.Length).Select(state =>
        {
            for (var at = 0; at < diodes.Length; at++) isOn[diodes[at]] = (state >> at & 1) == 1;
            var volts = Linear(place, branches, isOn);
            return Array.Exists(diodes, index => IsWrong(branches[index], isOn[index], place, volts)) ? null : volts;
        }).FirstOrDefault(volts => volts is not null);
    }

    private bool IsWrong(Branch branch, bool isOn, Dictionary<int, int> place, double[] volts)
    {
        var across = At(branch.From) - At(branch.To) - branch.Threshold!.Value;
        return isOn ? across < -Tiny : across > Tiny;

        double At(int node) => place.TryGetValue(node, out var at) ? volts[at] : _volts[node];
    }

    private double[] Linear(Dictionary<int, int> place, Branch[] branches, bool[] isOn)
    {
        var matrix = Matrix<double>.Build.Dense(place.Count, place.Count);
        var given = Vector<double>.Build.Dense(place.Count);
        foreach (var (node, at) in place)
        {
            matrix[at, at] = LeakSiemens;
            given[at] = -_drawn.GetValueOrDefault(node);
        }

        foreach (var (index, branch) in branches.Index())
        {
            if (branch.Threshold is not null && !isOn[index]) continue;
            var (siemens, pushed) = (1 / branch.Ohms, (branch.Threshold ?? 0) / branch.Ohms);
            Add(branch.From, branch.To, siemens, pushed);
            Add(branch.To, branch.From, siemens, -pushed);
        }

        return matrix.Cholesky().Solve(given).ToArray();

        void Add(int node, int far, double siemens, double pushed)
        {
            if (!place.TryGetValue(node, out var at)) return;
            matrix[at, at] += siemens;
            given[at] += pushed;
            if (place.TryGetValue(far, out var beside)) matrix[at, beside] -= siemens;
            else given[at] += siemens * _volts[far];
        }
    }
}
