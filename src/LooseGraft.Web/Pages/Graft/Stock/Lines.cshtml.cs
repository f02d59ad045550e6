using System.Text;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Stock.Lines;
using LooseGraft.Data;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The stock of a graft as text: a line for each part and connector, read as it is typed, kept when nothing in it is wrong.</summary>
public sealed class LinesModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    private string? _text;

    /// <summary>Id of the part that is described; null for all of them.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Part { get; set; }

    /// <summary>What stands in the field: what was typed, as long as it is not kept, otherwise what the graft holds.</summary>
    public string Text => _text ?? Standing;

    /// <summary>What was read of it; null while it is what the graft holds.</summary>
    public StockLines? Lines { get; private set; }

    /// <summary>The part that is described; null for all of them.</summary>
    public Part? Described => Part is null ? null : Graft.FindPart(Part);

    /// <summary>What the graft holds, in lines.</summary>
    public string Standing => Described is { } part ? StockWriter.Write(part, Graft) : StockWriter.Write(Graft);

    /// <summary>Usual things to put among the lines, by what one looks for; of one part only its connectors.</summary>
    public IEnumerable<(string Name, IEnumerable<(string Id, string Name)> Things)> Usual
        => Described is null ? KitGroups.All : Described.Kind == PartKind.Board ? KitGroups.All.Take(1) : [];

    private string BoardName => Graft.Donor == Graft.Empty("").Donor ? "Board" : $"Board of {Graft.Donor.Name}";

    /// <summary>What would become of a part.</summary>
    public string Effect(WrittenPart part) => new DescribeInLines([part]).Effect(new DescribeInLines([], [.. Lines!.Donors]).Apply(Graft));

    public async Task<IActionResult> OnGetTextAsync()
        => await LoadAsync() && IsThere ? File(Encoding.UTF8.GetBytes(Standing), "text/plain; charset=utf-8", "stock.txt") : NotFound();

    /// <summary>Reads what was typed, with one mistake mended where an offer was taken, and keeps nothing.</summary>
    public async Task<IActionResult> OnPostReadAsync(string? text, string? fix)
    {
        if (!await LoadAsync() || !IsThere) return NotFound();
        Read(LineFix.Parse(fix) is { } mended ? mended.Apply(text ?? "") : text);
        return Page();
    }

    /// <summary>Puts one more usual thing among the lines, and keeps nothing.</summary>
    public async Task<IActionResult> OnPostUsualAsync(string? text, string? usual)
    {
        if (!await LoadAsync() || !IsThere) return NotFound();
        Read(UsualPort.Find(usual) is { } port ? StockKit.With(text ?? "", port, BoardName)
            : PartTemplate.Find(usual ?? "") is { } part ? StockKit.With(text ?? "", part, Graft) : text);
        return Page();
    }

    public async Task<IActionResult> OnPostFileAsync(IFormFile? file)
    {
        if (!await LoadAsync() || !IsThere) return NotFound();
        if (await TextFile.ReadAsync(file, StockLines.LongestText) is not { } text)
        {
            ModelState.AddModelError("file", $"That is no text of at most {StockLines.LongestText} characters in UTF-8.");
            return await InvalidAsync();
        }

        Read(text);
        return Page();
    }

    public async Task<IActionResult> OnPostKeepAsync(string? text)
    {
        if (!await LoadAsync() || !IsThere) return NotFound();
        Read(text);
        foreach (var mistake in Lines!.Mistakes.Take(1))
            ModelState.AddModelError("text", $"Nothing is kept yet: {Lines.Mistakes.Length.Counted("mistake")}, the first in line {mistake.Line}.");
        if (ModelState.IsValid && Lines is { Parts.IsEmpty: true, Donors.IsEmpty: true }) ModelState.AddModelError("text", "There is no part in it.");
        var result = await SaveAsync(new DescribeInLines([.. Lines.Parts], [.. Lines.Donors]));
        if (ModelState.IsValid && Collision is null) (_text, Lines) = (null, null);
        return result;
    }

    protected override bool IsThere => Part is null || Described is not null;

    private void Read(string? text)
    {
        _text = text ?? "";
        Lines = StockLines.Read(_text, Graft, Described?.Name);
    }
}
