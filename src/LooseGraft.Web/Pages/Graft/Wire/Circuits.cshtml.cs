using LooseGraft.Core.Wire.Circuits;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The small circuits, worked out as their figures are typed.</summary>
public sealed class CircuitsModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    [BindProperty(SupportsGet = true)]
    public string? Circuit { get; set; }

    public CircuitForm Form => CircuitForm.Find(Circuit);

    /// <summary>The circuit; null while a figure will not do.</summary>
    public CircuitAnswer? Answer { get; private set; }

    /// <summary>What stands in a field: what was typed, or the usual figure.</summary>
    public string Shown(CircuitForm.Field field)
        => Request.Query.TryGetValue(field.Name, out var typed) ? typed.ToString() : field.Usual.ToString(System.Globalization.CultureInfo.InvariantCulture);

    protected override void OnShown()
    {
        var figures = Form.Fields.Select(field => ModelState.NotNegative(field.Name, Shown(field), field.Label, field.Unit)).ToArray();
        if (figures.All(figure => figure is not null)) Answer = Form.WorkOut([.. figures.Select(figure => figure!.Value)]);
    }
}
