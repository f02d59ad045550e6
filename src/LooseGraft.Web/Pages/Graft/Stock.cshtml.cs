using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock;
using LooseGraft.Data;
using LooseGraft.Data.Donors;
using LooseGraft.Data.Owned;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;

namespace LooseGraft.Web.Pages;

/// <summary>The Stock stage: the parts of a graft, where they come from, and what the old case did for them.</summary>
public sealed class StockModel(GraftStore store, ReviewCache reviews, BinStore bin, DonorStore donors) : GraftPageModel(store, reviews)
{
    public override Stage? Stage => Core.Findings.Stage.Stock;

    /// <summary>What is looked for in the bin.</summary>
    [BindProperty(SupportsGet = true, Name = "bin")]
    public string? BinWords { get; set; }

    /// <summary>The known donor that is looked at.</summary>
    [BindProperty(SupportsGet = true, Name = "donor")]
    public string? DonorModel { get; set; }

    /// <summary>What was found in the bin; null while nothing is looked for.</summary>
    public BinPage? Found { get; private set; }

    /// <summary>Every known donor.</summary>
    public IReadOnlyList<KeptDonor> Known { get; private set; } = [];

    /// <summary>The revisions of the donor that is looked at.</summary>
    public IReadOnlyList<KeptDonor> Revisions => [.. Known.Where(kept => kept.Donor.Model == DonorModel)];

    public async Task<IActionResult> OnPostAddPartAsync(string? name, PartKind kind, PartOrigin origin, string? cost)
    {
        var (called, price) = Named(name, cost);
        return await SaveAsync(new Edit(
            $"New part {called}",
            graft => graft with
            {
                Parts = graft.Parts.Add(new Part(GraftEdits.FreshId(called, graft.Parts.Select(part => part.Id)), called, kind) { Origin = origin, Cost = price }),
            },
            graft => $"{graft.Parts.Length} parts"));
    }

    public async Task<IActionResult> OnPostAddUsualAsync(string? template, string? name, PartOrigin origin, string? cost)
    {
        if (PartTemplate.Find(template ?? "") is not { } usual)
        {
            ModelState.AddModelError("template", "Choose one of the usual parts offered.");
            return await InvalidAsync();
        }

        var (called, price) = Named(string.IsNullOrWhiteSpace(name) ? usual.Name : name, cost);
        return await SaveAsync(new Edit($"New part {called}", graft => TemplatePart.Add(graft, usual, called, origin, price), graft => $"{graft.Parts.Length} parts"));
    }

    public async Task<IActionResult> OnPostRemovePartAsync(string part)
        => await SaveAsync(new Edit($"Part {part} taken out, with its joints, draws, readings and photographs", graft => graft.WithoutPart(part), graft => $"{graft.Parts.Length} parts"));

    public async Task<IActionResult> OnPostAddPortAsync(
        string part, string connector, string? portName, Gender gender, string? rowCount, string? columnCount, string? pitch)
    {
        if (ConnectorTypes.Find(connector ?? "") is not { } type) ModelState.AddModelError("connector", "Choose one of the connectors offered.");
        else if (await LoadAsync() && Graft.FindPart(part ?? "") is { } owner)
        {
            var name = string.IsNullOrWhiteSpace(portName) ? type.Name : portName.Trim();
            var port = new Port(GraftEdits.FreshId(name, owner.Ports.Select(other => other.Id)), name, type, gender)
            {
                OwnRows = ModelState.OptionalCount("rowCount", rowCount, "rows"),
                OwnColumns = ModelState.OptionalCount("columnCount", columnCount, "columns"),
                OwnPitch = string.IsNullOrWhiteSpace(pitch) || ModelState.NotNegative("pitch", pitch, "the pitch", "mm") is not { } millimetres ? null : new Millimetres(millimetres),
            };
            return await SaveAsync(new Edit(
                $"{owner.Name} has a {type.Name}: {name}",
                graft => graft.WithPart(owner.Id, found => found with { Ports = found.Ports.Add(port.PositionCount == type.Pinout.Count ? port with { Pins = [.. Pin.UsualFor(type)] } : port) }),
                graft => $"{graft.FindPart(owner.Id)?.Ports.Length ?? 0} connectors"));
        }

        return await InvalidAsync();
    }

    public async Task<IActionResult> OnPostRevisionAsync(string part, string? revision, Evidence evidence)
        => await SaveAsync(new Edit(
            $"{part}: revision {revision?.Trim()}, {evidence.Words()}",
            graft => graft.WithPart(part, found => found with { Revision = string.IsNullOrWhiteSpace(revision) ? null : new Known<string>(revision.Trim(), evidence) }),
            graft => graft.FindPart(part)?.Revision is { } known ? $"revision {known.Value}, {known.Evidence.Words()}" : "no revision"));

    public async Task<IActionResult> OnPostHolesAsync(string part, string? holes)
    {
        var read = HoleLines.Read(ModelState, holes);
        return await SaveAsync(new Edit(
            $"{part}: {read.Length} mounting holes",
            graft => graft.WithPart(part, found => found with { Holes = read }),
            graft => $"{graft.FindPart(part)?.Holes.Length ?? 0} mounting holes"));
    }

    public async Task<IActionResult> OnPostAnswerAsync(CaseDuty duty, bool did)
    {
        var fact = CaseDutyFact.Of(duty);
        return await SaveAsync(new Edit(
            $"The old case, {fact.Name}: {(did ? "yes" : "no")}",
            graft => graft.WithAnswer((Given(graft, duty) ?? new CaseAnswer(duty, did)) with { Did = did }),
            graft => Words(Given(graft, duty))));
    }

    public async Task<IActionResult> OnPostMeetAsync(CaseDuty duty, string? metBy, string? leftOff)
    {
        var (part, consequence) = (string.IsNullOrWhiteSpace(metBy) ? null : metBy, string.IsNullOrWhiteSpace(leftOff) ? null : leftOff.ReplaceLineEndings("\n").Trim());
        return await SaveAsync(new Edit(
            $"{CaseDutyFact.Of(duty).Name}: {(part is not null ? $"done by {part}" : consequence is not null ? "left off" : "open again")}",
            graft => graft.WithAnswer((Given(graft, duty) ?? new CaseAnswer(duty, true)) with { MetBy = part, LeftOff = part is null ? consequence : null }),
            graft => Words(Given(graft, duty))));
    }

    public async Task<IActionResult> OnPostTakeFromBinAsync(int entry, string? count)
    {
        var pieces = ModelState.OptionalCount("count", count, "pieces") ?? 1;
        if (await bin.FindAsync(entry, HttpContext.RequestAborted) is not { } row)
        {
            ModelState.AddModelError("", "That is not in the bin any more.");
            return await InvalidAsync();
        }

        return await SaveAsync(new Edit(
            $"{pieces} of {row.Item.Name} taken from the bin",
            graft => graft with { Parts = graft.Parts.Add(FromBin(graft, row, pieces)) },
            graft => $"{graft.Parts.Length} parts"));
    }

    public async Task<IActionResult> OnPostBringDonorAsync(int kept, bool sure)
    {
        if (await donors.FindAsync(kept, HttpContext.RequestAborted) is not { } found || !await LoadAsync()) return NotFound();
        var others = (await donors.AllAsync(alsoRemoved: false, HttpContext.RequestAborted)).Where(other => other.Donor.Model == found.Donor.Model && other.Id != kept);
        var donor = found.Donor;
        var board = sure ? donor.Board : others.Aggregate(donor.Board, (one, other) => Core.Stock.Revisions.Unsure(one, other.Donor.Board));
        return await SaveAsync(new Edit(
            $"{donor.Model}, revision {donor.Revision}{(sure ? "" : " or another")}: board and old case brought in",
            graft => Bring(graft, donor, board, sure ? Evidence.Label : Evidence.Assumed),
            graft => $"{graft.Parts.Length} parts"));
    }

    public async Task<IActionResult> OnPostKeepDonorAsync(string part, string? model, string? revision)
    {
        if (!await LoadAsync() || Graft.FindPart(part ?? "") is not { } board) return NotFound();
        if (string.IsNullOrWhiteSpace(revision)) ModelState.AddModelError("revision", "Give the revision printed on the board, or a mark of your own.");
        if (!ModelState.IsValid) return await InvalidAsync();
        var donor = new KnownDonor(string.IsNullOrWhiteSpace(model) ? Graft.Donor.Name : model.Trim(), revision!.Trim(), board with { Bin = null, Cost = null, Origin = null, Revision = null })
        {
            Kind = Graft.Donor.Kind,
            OldCase = [.. Graft.OldCase.Select(answer => answer with { MetBy = null, LeftOff = null })],
        };
        var (_, replaced, errors) = await donors.KeepAsync(donor, HttpContext.RequestAborted);
        foreach (var error in errors) ModelState.AddModelError("", $"{error.Path}: {error.Found} will not do. It takes {error.Allowed}.");
        if (errors.Count > 0) return await InvalidAsync();
        Said = $"{donor.Model}, revision {donor.Revision}, is kept as a known donor{(replaced ? "; the one kept before is put aside" : "")}.";
        return Redirect(Link());
    }

    public override async Task OnPageHandlerExecutionAsync(PageHandlerExecutingContext context, PageHandlerExecutionDelegate next)
    {
        await next();
        Known = await donors.AllAsync(alsoRemoved: false, HttpContext.RequestAborted);
        if (!string.IsNullOrWhiteSpace(BinWords)) Found = await bin.SearchAsync(BinWords, HttpContext.RequestAborted);
    }

    private (string Name, Money? Cost) Named(string? name, string? cost)
    {
        var called = (name ?? "").Trim();
        if (called.Length == 0) ModelState.AddModelError("name", "Give the part a name, as you would say it.");
        return (called, ModelState.OptionalMoney("cost", cost, "the cost"));
    }

    private static Part FromBin(Graft graft, BinRow row, int count)
    {
        var id = GraftEdits.FreshId(row.Item.Name, graft.Parts.Select(part => part.Id));
        var sameMoney = row.Item.Currency == graft.Currency;
        return new Part(id, row.Item.Name, row.Item.Kind)
        {
            Origin = PartOrigin.Bin,
            Bin = new BinClaim(row.Key, count),
            Cost = row.Item.Paid is { } paid && sameMoney ? new Money(paid * count) : null,
            Note = $"{count} of it, {row.Item.Condition.ToString().ToLowerInvariant()}{(row.Item.Place.Length > 0 ? $", in {row.Item.Place}" : "")}.",
        };
    }

    private static Graft Bring(Graft graft, KnownDonor donor, Part board, Evidence revision)
    {
        var id = GraftEdits.FreshId(board.Id, graft.Parts.Select(part => part.Id));
        var answered = graft.OldCase.Select(answer => answer.Duty).ToHashSet();
        return graft with
        {
            Donor = graft.Parts.IsEmpty ? graft.Donor with { Name = donor.Model, Kind = donor.Kind } : graft.Donor,
            Parts = graft.Parts.Add(board with { Id = id, Origin = PartOrigin.Donor, Revision = new Known<string>(donor.Revision, revision) }),
            OldCase = [.. graft.OldCase.Concat(donor.OldCase.Where(answer => !answered.Contains(answer.Duty))).OrderBy(answer => answer.Duty)],
        };
    }

    private static CaseAnswer? Given(Graft graft, CaseDuty duty) => graft.OldCase.FirstOrDefault(answer => answer.Duty == duty);

    private static string Words(CaseAnswer? answer) => answer switch
    {
        null => "not asked yet",
        { Did: false } => "no",
        { MetBy: { } part } => $"yes, done by {part}",
        { LeftOff: { } consequence } => $"yes, left off: {consequence}",
        _ => "yes, open",
    };
}
