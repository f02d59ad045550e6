using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Circuits;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The small circuits, worked out as their figures are typed, with those of the graft to begin with.</summary>
public sealed class CircuitsModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    [BindProperty(SupportsGet = true)]
    public string? Circuit { get; set; }

    /// <summary>The joint that needs it.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Joint { get; set; }

    /// <summary>The joint that needs it, as it stands; null when none does in particular.</summary>
    public JointReview? Needing => Joint is { } id ? Review.Wire.Find(id) : null;

    /// <summary>The circuit that is looked at; null for the sheet of all of them.</summary>
    public CircuitForm? Form => CircuitForm.Find(Circuit);

    /// <summary>The circuit worked out; null while a figure will not do.</summary>
    public CircuitAnswer? Answer { get; private set; }

    private ImmutableArray<CircuitFigure> Known { get; set; } = [];

    /// <summary>A circuit with what is known of the graft, for its little picture.</summary>
    public CircuitAnswer Picture(CircuitForm form)
        => form.WorkOut([.. form.Fields.Select(field => Own(field)?.Value ?? field.Usual)]) is { Chain.IsEmpty: false } own ? own
            : form.WorkOut([.. form.Fields.Select(field => field.Usual)]);

    /// <summary>What the graft says of a field; null when nothing.</summary>
    public CircuitFigure? Own(CircuitForm.Field field) => Known.FirstOrDefault(figure => figure.Field == field.Name);

    /// <summary>What stands in a field: what was typed, what the graft says, or the usual figure.</summary>
    public string Shown(CircuitForm.Field field)
        => Request.Query.TryGetValue(field.Name, out var typed) ? typed.ToString() : (Own(field)?.Value ?? field.Usual).ToString(CultureInfo.InvariantCulture);

    public async Task<IActionResult> OnPostKeepAsync()
    {
        if (!await LoadAsync()) return NotFound();
        if (Form is not { } form || Answer is not { Works: true } answer) return await InvalidAsync();
        var name = Needing is { } joint ? $"{form.Title}, for {joint.From.Port.Name}" : form.Title;
        return await SaveAsync(new KeepCircuit(name, string.Join(" ", [answer.Words, .. answer.Figures, .. answer.Cautions])));
    }

    protected override void OnShown()
    {
        Known = CircuitFigures.Of(Graft, Review.Feed, Needing);
        if (Form is not { } form) return;
        var figures = form.Fields.Select(field => ModelState.NotNegative(field.Name, Shown(field), field.Label, field.Unit)).ToArray();
        if (figures.All(figure => figure is not null)) Answer = form.WorkOut([.. figures.Select(figure => figure!.Value)]);
    }
}
