using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.WebUtilities;

namespace LooseGraft.Web.Pages;

/// <summary>What every page with forms has: what was typed stays, with what is wrong with it beside it.</summary>
public abstract class FormPageModel : PageModel
{
    // Fields beside which the page has put its words; the body of a page is made before the layout that asks for the rest.
    private readonly HashSet<string> _fieldsWithWords = new(StringComparer.OrdinalIgnoreCase);

    private string? _said;

    /// <summary>What was just done, to be said to the builder: on the page that answers, or on the one that it leads to, and on no other.</summary>
    public string? Said { get => _said ?? Carried; set => _said = Saying.Shortened(value); }

    /// <summary>What is said on the next page.</summary>
    [TempData]
    public string? Carried { get; set; }

    /// <summary>What to show in a field: what was typed, as long as it could not be kept, otherwise the fact.</summary>
    public string? Typed(string field, string? fact = null)
        => !ModelState.IsValid && Request.HasFormContentType && Request.Form.TryGetValue(field, out var typed) ? typed.ToString() : fact;

    /// <summary>What is wrong with a field, if anything.</summary>
    public string? Problem(string field)
    {
        _fieldsWithWords.Add(field);
        return ModelState.TryGetValue(field, out var entry) && entry.Errors.Count > 0
            ? string.Join(" ", entry.Errors.Select(error => error.ErrorMessage))
            : null;
    }

    /// <summary>What was typed into a field of the form that could not be kept; null in every other form.</summary>
    public string? Kept(string handler, string field) => Request.Query["handler"] == handler ? Typed(field) : null;

    /// <summary>The address stays that of the page: neither a reload nor going back sends a form once more, or leads through every form that was
    /// sent.</summary>
    public override void OnPageHandlerExecuted(PageHandlerExecutedContext context)
    {
        if (context.Result is not PageResult) Carried = _said ?? Carried;
        if (!HttpMethods.IsPost(Request.Method) || !Request.IsHtmx() || context.Result is not PageResult) return;
        var address = QueryHelpers.AddQueryString(Request.Path, Request.Query.Where(entry => entry.Key != "handler"));
        Response.Headers[Request.IsSentFrom(Request.Path) ? "HX-Replace-Url" : "HX-Push-Url"] = address;
    }

    /// <summary>What is wrong with the form as a whole, or with a field that has no place for words beside it.</summary>
    public IEnumerable<string> OtherProblems
        => ModelState.Where(entry => !_fieldsWithWords.Contains(entry.Key)).SelectMany(entry => entry.Value!.Errors).Select(error => error.ErrorMessage);
}
