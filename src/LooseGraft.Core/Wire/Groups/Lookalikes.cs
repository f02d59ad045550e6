using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>Sockets that a plug also goes into, though it belongs into another.</summary>
internal static class Lookalikes
{
    public static IEnumerable<Finding> Of(IReadOnlyCollection<JointEnd> ends, IEnumerable<JointReview> joints)
    {
        var sockets = ends.Where(end => end.Part.Kind is PartKind.Board or PartKind.Card or PartKind.Drive).ToArray();
        var pairs = new SamePairs();
        foreach (var plug in joints.Where(review => review.Joint.Method is not (JointMethod.LeaveOff or JointMethod.Rebuild or JointMethod.Splice))
            .Select(review => (review.Joint, Plug: review.To, Home: review.From)).DistinctBy(entry => entry.Plug.Id))
        {
            var wrong = sockets.Where(socket => socket.Id != plug.Home.Id && socket.Part.Id != plug.Plug.Part.Id)
                .Select(socket => (Socket: socket, Worst: pairs.Worst(socket, plug.Plug))).Where(entry => entry.Worst is not null).ToArray();
            if (wrong.Length == 0) continue;
            var named = string.Join("; ", wrong.Select(entry => $"{entry.Socket.Port.Name} of {entry.Socket.Part.Name}, which {entry.Worst!.Words}"));
            yield return Finding.Of(
                WireRules.LookalikeSocket, new JointSubject(plug.Joint.Id),
                $"{plug.Plug.Port.Name} belongs on {plug.Home.Port.Name}, but a hand easily pushes it into {named}.",
                wrong.Select(entry => entry.Worst!.Evidence).Weakest(), "tie a label to the plug and one beside its socket before both are in the shell");
        }
    }

    // Many headers of a desk are alike: what one pair comes to, every pair like it does.
    private sealed class SamePairs
    {
        private readonly Dictionary<Alike, int> _kinds = [];
        private readonly Dictionary<JointEnd, int> _kindOf = [];
        private readonly Dictionary<(int Socket, int Plug), ContactJudgement?> _worst = [];

        public ContactJudgement? Worst(JointEnd socket, JointEnd plug)
        {
            var pair = (KindOf(socket), KindOf(plug));
            return _worst.TryGetValue(pair, out var known) ? known
                : _worst[pair] = LooksAlike(socket.Port, plug.Port) ? Lookalikes.Worst(socket, plug) : null;
        }

        private int KindOf(JointEnd end)
        {
            if (_kindOf.TryGetValue(end, out var known)) return known;
            var key = Key(end);
            return _kindOf[end] = _kinds.TryGetValue(key, out var kind) ? kind : _kinds[key] = _kinds.Count;
        }

        // A converter's contacts are what its label makes of them, so it is like no other.
        private static Alike Key(JointEnd end) => new(end.Part.Kind, end.Port with { Id = "", Name = "", Place = null },
            string.Join(',', end.Terminals.Select(terminal => terminal.Role.Kind)), end.Part.Kind == PartKind.Converter ? end.Part.Id : null);

        private sealed record Alike(PartKind Kind, Port Port, string Roles, string? Own);
    }

    // The same shape, or a keyed body that goes into part of a longer one of its kind.
    private static bool LooksAlike(Port socket, Port plug)
        => socket.Type.Housing == plug.Type.Housing && socket.Gender != plug.Gender && socket.Rows == plug.Rows
            && !AreKeyedApart(socket, plug)
            && (socket.Columns == plug.Columns || (PlugFit.IsForced(socket, plug) && plug.Columns < socket.Columns))
            && PlugFit.Problems(socket, plug).Count == 0;

    // Two public standards give each its own cavities, so that neither goes into the other; a maker's own use of such a body promises nothing.
    private static bool AreKeyedApart(Port socket, Port plug)
        => socket.Type != plug.Type && IsStandard(socket) && IsStandard(plug) && PlugFit.IsForced(socket, plug);

    private static bool IsStandard(Port port)
        => port.Type.Evidence == Evidence.Document && port.HasUsualPinout && port.Pins.All(pin => !pin.IsUnproven);

    private static ContactJudgement? Worst(JointEnd socket, JointEnd plug)
    {
        // Most lookalikes are of one shape and counted alike, so that each position meets its own number.
        if (socket.Port.Columns == plug.Port.Columns && socket.Port.Numbering == plug.Port.Numbering) return WorstOf([.. socket.Terminals.Zip(plug.Terminals)]);
        var mating = new Mating(socket.Port, plug.Port);
        return mating.GoesOn(PlugPlacement.Straight)
            ? WorstOf([.. mating.Meetings(PlugPlacement.Straight).Select(meeting => (socket.At(meeting.From), plug.At(meeting.To)))])
            : null;
    }

    // A pin that runs into a filled cavity keeps the plug off.
    private static ContactJudgement? WorstOf((Terminal Socket, Terminal Plug)[] meetings)
        => meetings.Any(meeting => IsCollision(meeting.Socket, meeting.Plug) || IsCollision(meeting.Plug, meeting.Socket))
            ? null
            : meetings.Select(meeting => ContactRules.Judge(meeting.Socket, meeting.Plug)).FirstOrDefault(judgement => judgement.IsStop);

    private static bool IsCollision(Terminal cavity, Terminal pin) => cavity.Pin.Contact == ContactState.Blocked && pin.HasBody;
}
