using System.Net;
using LooseGraft.Data.Meters;
using LooseGraft.Web.Instruments;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>The networked instruments: entered by the builder, off until turned on.</summary>
public sealed class MetersModel(MeterShelf shelf, MeterReach reach) : FormPageModel
{
    private const int LongestName = 60;

    public IReadOnlyList<MeterEntry> All { get; private set; } = [];

    public string? Refusal { get; private set; }

    private CancellationToken Cancellation => HttpContext.RequestAborted;

    public async Task OnGetAsync() => All = await shelf.AllAsync(Cancellation);

    public async Task<IActionResult> OnPostAddAsync(string? name, string? address)
    {
        All = await shelf.AllAsync(Cancellation);
        var called = (name ?? "").Trim();
        if (called.Length is 0 or > LongestName || called.Any(char.IsControl)) Refusal = $"Give it a name of 1 to {LongestName} characters.";
        else if (MeterAddress.Parse(address) is not { } parsed)
            Refusal = $"“{address}” is not an address. Type one such as 192.168.1.40, or 192.168.1.40:{MeterAddress.UsualPort}.";
        else if (IPAddress.TryParse(parsed.Host, out _) && (await reach.FindAsync(parsed.Host, parsed.Port, Cancellation)).Length == 0)
            Refusal = $"{parsed} is not taken: {MeterAddress.Refused}";
        else if (All.Count >= MeterShelf.Most) Refusal = $"At most {MeterShelf.Most} instruments can be entered; forget one first.";
        else
        {
            await shelf.AddAsync(called, parsed.Host, parsed.Port, Cancellation);
            Said = $"{called} is entered, and off. Turn it on when it may be contacted.";
            return RedirectToPage();
        }

        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    public async Task<IActionResult> OnPostTurnAsync(int id, bool on)
        => await DoneAsync(await shelf.TurnAsync(id, on, Cancellation),
            on ? "Turned on: it is contacted when you ask for a measurement, and not otherwise." : "Turned off: it is not contacted.");

    public async Task<IActionResult> OnPostForgetAsync(int id) => await DoneAsync(await shelf.RemoveAsync(id, Cancellation), "Forgotten.");

    private async Task<IActionResult> DoneAsync(bool isDone, string said)
    {
        if (!isDone) return NotFound();
        Said = said;
        return RedirectToPage();
    }
}
