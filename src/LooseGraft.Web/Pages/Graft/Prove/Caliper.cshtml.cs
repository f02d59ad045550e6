using System.Globalization;
using LooseGraft.Core.Prove.Calipers;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The caliper helper: lines become a length, with a drawing to hold beside the instrument.</summary>
public sealed class CaliperModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    [BindProperty(SupportsGet = true)]
    public string? Scale { get; set; }

    [BindProperty(SupportsGet = true)]
    public string? Main { get; set; }

    [BindProperty(SupportsGet = true)]
    public string? Line { get; set; }

    [BindProperty(SupportsGet = true)]
    public string? Zero { get; set; }

    public CaliperScale Caliper => CaliperScale.Find(Scale);

    /// <summary>What is wrong with what was typed; null when nothing is.</summary>
    public string? Wrong { get; private set; }

    public CaliperReading? Reading { get; private set; }

    public CaliperScene? Scene { get; private set; }

    protected override void OnShown()
    {
        var figures = new[] { (Main, "26"), (Line, "4"), (Zero, "0") }.Select(field => Read(field.Item1, field.Item2)).ToArray();
        if (figures is not [{ } main, { } line, { } zero])
        {
            Wrong = "Type whole numbers of lines, such as 26 and 4.";
            return;
        }

        var reading = new CaliperReading(Caliper, main, line, zero);
        Wrong = reading.Problem;
        if (Wrong is null) (Reading, Scene) = (reading, CaliperScene.Of(reading));
    }

    private static int? Read(string? text, string usual)
        => int.TryParse(string.IsNullOrWhiteSpace(text) ? usual : text.Trim().Replace('−', '-'), NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture,
            out var value) ? value : null;
}
