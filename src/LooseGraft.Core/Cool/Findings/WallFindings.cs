using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Findings;

/// <summary>What the rules say of the sides of the shell: wood that dries out, plastic that softens, metal that burns who holds it.</summary>
internal static class WallFindings
{
    // What still air keeps back outside a wall, in square metres and kelvins for each watt (ISO 6946, horizontal).
    private const double Outside = 0.13;

    public static IEnumerable<Finding> Of(CoolScene scene, CoolOutlook outlook)
        => from space in scene.Spaces.Index()
           from material in space.Item.Sheets
           let found = Of(space.Item, material, outlook.Spaces[space.Index], outlook.State.Room)
           where found is not null
           select found;

    private static Finding? Of(CoolSpace space, PlaneMaterial material, Spread<Celsius> air, double room)
    {
        var limit = material switch
        {
            PlaneMaterial.Wood => HeatLimit.WoodDries,
            PlaneMaterial.Plastic => HeatLimit.PrintedSoftens,
            PlaneMaterial.Steel or PlaneMaterial.Aluminium => HeatLimit.Touched,
            _ => double.PositiveInfinity,
        };
        // Wood and plastic may get as warm as the air inside; of metal the outside is touched.
        var wall = material.IsMetal() ? air.Rising(inside => new Celsius(room + ((inside.Value - room) * Outside * material.Heat().Likely))) : air;
        if (wall.High.Value <= limit) return null;
        var isLikely = wall.Likely.Value > limit;
        var words = material switch
        {
            PlaneMaterial.Wood => $"its wood is in air of {wall} at peak: from {limit:0} °C on wood dries out and cracks, glue joints open and lacquer softens",
            PlaneMaterial.Plastic => $"its plastic is in air of {wall} at peak: printed parts of the usual sort soften from {limit:0} °C on, many others from about 95 °C",
            _ => $"its metal gets to {wall} outside at peak: from {limit:0} °C on it burns who holds it",
        };
        return Finding.Of(CoolRules.WallTooWarm, new SpaceSubject(space.Id), new WallTooWarm(space.Id, material, wall.Likely, wall.High, new Celsius(limit)),
            $"{space.Name.Capitalised()}: {(isLikely ? "" : "perhaps ")}{words}.", Evidence.Assumed,
            "let more air through, or hold parts to fewer watts", material.IsMetal() ? "put it where nobody takes hold of it" : "keep what is hot off it, with a sheet of metal and air between")
            with
        { Severity = !isLikely ? Severity.Note : material == PlaneMaterial.Wood ? Severity.Fix : Severity.Check };
    }
}
