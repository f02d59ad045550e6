using LooseGraft.Core.Cool.Schools;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Findings;

/// <summary>What the rules say of the school that is trusted. The air worked out has rules of its own for each thing.</summary>
internal static class SchoolFindings
{
    public static IEnumerable<Finding> Of(Graft graft, HeatSchools schools)
    {
        if (graft.Cooling.School is not { } school || schools.Trusted.School != school || school == HeatSchool.Network) yield break;
        if (schools.Trusted.Band is not >= HeatBand.Throttles) yield break;
        yield return Finding.Of(CoolRules.SchoolRefuses, Subject.Whole, new HeatSchoolRefuses(school),
            $"{school.Words()}, which you trust, says that the heat does not get out: {schools.Trusted.Figure}. {schools.Trusted.Words}", schools.Trusted.Evidence,
            "take fewer watts, or let more air through", "trust another school, if you know why this one is wrong here");
    }
}
