using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock;

/// <summary>What to ask about the old case: few questions, chosen by the donor's kind and by what its board shows.</summary>
public static class CaseQuestions
{
    /// <summary>Every question in order, with what is known about it already.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="donor">The donor whose case is asked about. A board that nobody says anything of is taken for one of the first. Of one that gave no
    /// board, and is not the first, nothing is worth asking.</param>
    public static DonorQuestions For(Graft graft, GraftDonor donor)
    {
        var boards = graft.Parts.Where(part => part.Kind == PartKind.Board && (donor.Gave(part) || (part.Origin is null && donor.Id is null))).ToArray();
        return new DonorQuestions(donor, [.. CaseDutyFact.All.Select(fact =>
        {
            var (answer, hint) = (donor.AnswerTo(fact.Duty), Hint(fact, boards));
            var isUsual = (boards.Length > 0 || donor.Id is null) && (fact.DonorWords.Count == 0 || IsNamed(fact, donor.Machine));
            return new CaseQuestion(fact, answer, hint, answer is not null || hint is not null || isUsual);
        })]);
    }

    private static bool IsNamed(CaseDutyFact fact, Machine donor)
        => fact.DonorWords.Any(word => $"{donor.Kind} {donor.Name}".Contains(word, StringComparison.OrdinalIgnoreCase));

    private static string? Hint(CaseDutyFact fact, Part[] boards)
    {
        foreach (var board in boards)
        {
            foreach (var port in board.Ports)
            {
                if (port.Pins.FirstOrDefault(pin => fact.Signals.Contains(pin.Signal.Value.Name)) is { } pin)
                    return $"{board.Name} has {pin.Signal.Value} on its {port.Name}";
                if (fact.Duty == CaseDuty.DrivePower && IsDriveOutlet(port)) return $"{board.Name} gives +5 V and +12 V on its {port.Name}";
            }
        }

        return null;
    }

    // Few contacts that carry just what a drive wants, and no data among them.
    private static bool IsDriveOutlet(Port port)
        => port.Type.Housing == Housing.Power && port.PositionCount <= 6
            && Carries(port, "+5 V") && Carries(port, "+12 V");

    private static bool Carries(Port port, string signal) => port.Pins.Any(pin => pin.Signal.Value.Name == signal);
}
