using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Two connectors brought face to face: which contacts meet in each placement, and which placements a hand could find.</summary>
/// <remarks>Placements are enumerated, not searched: at most 4 · (rows + rows) · (columns + columns) of them, each looked at in time linear in the plug's
/// positions. Exact.</remarks>
public sealed class Mating
{
    private static readonly int[] TwoTurns = [0, 2];
    private static readonly int[] FourTurns = [0, 1, 2, 3];

    private readonly ImmutableArray<Pin> _headerPins;
    private readonly ImmutableArray<Pin> _plugPins;
    private readonly bool _isForced;
    private readonly bool _isWalled;
    private readonly bool _goesAcross;

    /// <summary>Brings two ports together.</summary>
    /// <param name="header">The fixed one.</param>
    /// <param name="plug">The one that is brought to it.</param>
    public Mating(Port header, Port plug)
    {
        (Header, Plug) = (new PortGrid(header), new PortGrid(plug));
        (_headerPins, _plugPins) = (header.MatingPins(), plug.MatingPins());
        _isForced = PlugFit.IsForced(header, plug);
        _goesAcross = PlugFit.GoesAcross(header, plug);
        _isWalled = PlugFit.IsWalled(header) || PlugFit.IsWalled(plug);
    }

    /// <summary>The grid of the fixed port.</summary>
    public PortGrid Header { get; }

    /// <summary>The grid of the port brought to it.</summary>
    public PortGrid Plug { get; }

    /// <summary>The placement a joint asks for.</summary>
    public PlugPlacement Intended(Joint joint) => PlugPlacement.PinOneOn(Header[joint.PinOneOn], joint.TurnDegrees / 90, Plug);

    /// <summary>Which positions meet, header first, in order of the header's positions.</summary>
    public IEnumerable<Conductor> Meetings(PlugPlacement placement)
    {
        var plugAt = new int[_headerPins.Length];
        for (var position = 1; position <= _plugPins.Length; position++)
        {
            if (Header.PositionAt(placement.Move(Plug[position], Plug)) is { } at) plugAt[at - 1] = position;
        }

        for (var at = 1; at <= plugAt.Length; at++)
        {
            if (plugAt[at - 1] > 0) yield return new Conductor(at, plugAt[at - 1]);
        }
    }

    /// <summary>Whether the hardware lets the plug go on this way: at least one contact meets another, and no pin runs into a filled cavity.</summary>
    public bool GoesOn(PlugPlacement placement)
    {
        var touches = false;
        for (var position = 1; position <= _plugPins.Length; position++)
        {
            var header = Header.PositionAt(placement.Move(Plug[position], Plug));
            if (header is null && _isWalled && !_isForced) return false;
            if (header is not { } at) continue;
            var (one, other) = (_headerPins[at - 1].Contact, _plugPins[position - 1].Contact);
            if (IsCollision(one, other) || IsCollision(other, one)) return false;
            touches |= HasBody(one) && HasBody(other);
        }

        return touches;
    }

    /// <summary>Every way the hardware allows, straight first.</summary>
    public IEnumerable<PlugPlacement> Possible()
    {
        if (_isForced) return GoesOn(PlugPlacement.Straight) ? [PlugPlacement.Straight] : [];
        return from turn in _goesAcross || (Plug.Rows > 1 && Plug.Rows == Plug.Columns) ? FourTurns : TwoTurns
               let size = turn % 2 == 0 ? (Plug.Rows, Plug.Columns) : (Rows: Plug.Columns, Columns: Plug.Rows)
               from row in Enumerable.Range(1 - size.Rows, Header.Rows + size.Rows - 1).OrderBy(Math.Abs)
               from column in Enumerable.Range(1 - size.Columns, Header.Columns + size.Columns - 1).OrderBy(Math.Abs)
               let placement = new PlugPlacement(turn, row, column)
               where GoesOn(placement)
               select placement;
    }

    private static bool IsCollision(ContactState cavity, ContactState pin) => cavity == ContactState.Blocked && HasBody(pin);

    private static bool HasBody(ContactState contact) => contact is ContactState.Wired or ContactState.Unwired;
}
