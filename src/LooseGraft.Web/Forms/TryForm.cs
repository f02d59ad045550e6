using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>What is tried on a supply without being kept, as an address says it.</summary>
/// <param name="Try">The part template.</param>
/// <param name="Amps">A current in place of a part of a usual sort, as typed.</param>
/// <param name="From">The rail it is taken from.</param>
/// <param name="At">The place at which it is tried, as a <see cref="LoadPlace"/> says it; empty for the supply itself.</param>
public sealed record TryForm(string? Try, string? Amps, string? From, string? At)
{
    /// <summary>Sorts of parts worth trying.</summary>
    public static IEnumerable<PartTemplate> Candidates
        => PartTemplate.All.Where(template => template.Draws is { Count: > 0 } && template.Kind is PartKind.Card or PartKind.Drive or PartKind.Fan);

    /// <summary>The edit that would keep it; null when nothing is tried, and, with an error, when the current will not do.</summary>
    public AddTriedPart? On(Supply supply, ModelStateDictionary errors)
    {
        if (Thing(supply, errors) is not var (template, draws)) return null;
        var own = new MeantWay(supply.Id) { Rail = string.IsNullOrEmpty(Try) && supply.Rails.Any(rail => rail.Name == From) ? From : null };
        return new AddTriedPart(template, draws, LoadPlace.Parse(At ?? "").Way ?? own);
    }

    // A usual sort with its own draws, or anything with a typed current.
    private (PartTemplate Template, ValueList<Draw> Draws)? Thing(Supply supply, ModelStateDictionary errors)
    {
        if (PartTemplate.Find(Try ?? "") is { } usual) return (usual, TemplatePart.Draws(usual));
        if (string.IsNullOrWhiteSpace(Amps) || errors.NotNegative("amps", Amps, "the current", "A") is not { } amps) return null;
        if ((supply.Rails.FirstOrDefault(each => each.Name == From) ?? supply.Rails.FirstOrDefault()) is not { } rail) return null;
        var current = Spread<Amps>.Exactly(new Amps(amps));
        var typed = new PartTemplate("typed", $"Something that takes {current} of {rail.Name}", PartKind.Other, "", "", Evidence.Assumed);
        return (typed, [new Draw(rail.Output.Name, current, current, current, Evidence.Assumed)]);
    }
}
