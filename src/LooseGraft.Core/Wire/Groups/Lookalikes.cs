using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Groups;

/// <summary>Sockets that a plug also goes into, though it belongs into another.</summary>
internal static class Lookalikes
{
    // So many are named; who has more of a kind labels them all.
    private const int MostNamed = 3;

    public static IEnumerable<Finding> Of(IReadOnlyCollection<JointEnd> ends, IEnumerable<JointReview> joints)
    {
        var pairs = new SamePairs();
        var sockets = ends.Where(end => end.Part.Kind is PartKind.Board or PartKind.Card or PartKind.Drive)
            .Select(end => (End: end, Kind: pairs.KindOf(end))).ToArray();
        foreach (var plug in joints.Where(review => review.Joint.Method is not (JointMethod.LeaveOff or JointMethod.Rebuild or JointMethod.Splice))
            .Select(review => (review.Joint, Plug: review.To, Home: review.From)).DistinctBy(entry => entry.Plug.Id))
        {
            var kind = pairs.KindOf(plug.Plug);
            var wrong = sockets.Where(socket => socket.End.Id != plug.Home.Id && socket.End.Part.Id != plug.Plug.Part.Id)
                .Select(socket => (Socket: socket.End, Worst: pairs.Worst(socket, (plug.Plug, kind)))).Where(entry => entry.Worst is not null).ToArray();
            if (wrong.Length == 0) continue;
            yield return Finding.Of(
                WireRules.LookalikeSocket, new JointSubject(plug.Joint.Id),
                $"{plug.Plug.Port.Name} belongs on {plug.Home.Port.Name}, but a hand easily pushes it into {Named(wrong!)}.",
                wrong.Select(entry => entry.Worst!.Evidence).Weakest(), "tie a label to the plug and one beside its socket before both are in the shell");
        }
    }

    private static string Named((JointEnd Socket, ContactJudgement Worst)[] wrong)
        => string.Join("; ", wrong.Take(MostNamed).Select(entry => $"{entry.Socket.Port.Name} of {entry.Socket.Part.Name}, which {entry.Worst.Words}"))
            + (wrong.Length > MostNamed ? $"; and into {(wrong.Length - MostNamed).Counted("other socket")}, where something is destroyed too" : "");

    // Many headers of a desk are alike: what one pair comes to, every pair like it does.
    private sealed class SamePairs
    {
        private readonly Dictionary<JointEnd, int> _kinds = new(new Alike());
        private readonly Dictionary<(int Socket, int Plug), ContactJudgement?> _worst = [];

        public int KindOf(JointEnd end) => _kinds.TryGetValue(end, out var kind) ? kind : _kinds[end] = _kinds.Count;

        public ContactJudgement? Worst((JointEnd End, int Kind) socket, (JointEnd End, int Kind) plug)
            => _worst.TryGetValue((socket.Kind, plug.Kind), out var known) ? known
                : _worst[(socket.Kind, plug.Kind)] = LooksAlike(socket.End.Port, plug.End.Port) ? Lookalikes.Worst(socket.End, plug.End) : null;
    }

    // All that the rules look at in an end; names and places are not.
    private sealed class Alike : IEqualityComparer<JointEnd>
    {
        public bool Equals(JointEnd? one, JointEnd? other)
            => one!.Part.Kind == other!.Part.Kind && Shape(one) == Shape(other)
                && one.Terminals.Select(contact => contact.Role).SequenceEqual(other.Terminals.Select(contact => contact.Role));

        // A few of many: enough to tell most headers from each other.
        public int GetHashCode(JointEnd end) => HashCode.Combine(end.Part.Kind, end.Port.Type.Id, end.Port.Gender, end.Port.Pins.Length,
            end.Terminals[0].Signal, end.Terminals[^1].Signal);

        private static Port Shape(JointEnd end) => end.Port with { Id = "", Name = "", Place = null };
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
