using LooseGraft.Core.Cool.Edits;
using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What was read, and which school is trusted.</summary>
public sealed partial class CoolModel
{
    /// <summary>What readings say.</summary>
    public HeatFit Read => Cool.Read;

    /// <summary>Whether there is anything of it that the graft is not reckoned with yet.</summary>
    public bool MayTake => TakeHeatFit.Of(Read) is var fit && (fit.Air is not null || !fit.Contacts.IsEmpty) && fit.Apply(Graft).Cooling != Graft.Cooling;

    /// <summary>What of readings the graft is reckoned with.</summary>
    public string Taken => new TakeHeatFit(null, []).Standing(Graft);

    /// <summary>Whether the graft is reckoned with nothing that readings said.</summary>
    public bool HasTakenNothing => Graft.Cooling.AirFactor is null && Graft.Cooling.Coolers.All(cooler => cooler.Contact is null);

    /// <summary>Everything a temperature may be read of, as the text of its subject, and what it is called.</summary>
    public IEnumerable<(string Of, string Name)> Readable =>
    [
        .. Cool.Scene.Spots.Select(spot => (new PartSubject(spot.Part).Text, Words.CoolWords.Named(spot))),
        .. Graft.AirSpaces().Select(space => (new SpaceSubject(space.Id).Text, $"the air of {space.Name}")),
        .. Cool.Scene.Ways.Select(way => (new AirWaySubject(way.Key).Text, $"the air through {way.Name}")),
    ];

    public async Task<IActionResult> OnPostReadAsync(
        string? what, string? hot, HeatCase done, string? after, string? readRoom, string? readFans, HeatTool tool, Evidence source, string? note)
    {
        var subject = SubjectText.Read(what);
        if (subject is not (PartSubject or SpaceSubject or AirWaySubject)) ModelState.AddModelError("what", "Say what was read.");
        var read = ModelState.Temperature("hot", hot, -40, 200);
        var minutes = ModelState.Time("after", after);
        var room = readRoom.Trimmed() is null ? null : ModelState.Temperature("readRoom", readRoom, -40, 60);
        var fans = ModelState.OptionalFanShare("readFans", readFans);
        if (note?.Length > Core.Files.GraftFileLimits.NoteLength) ModelState.AddModelError("note", $"A note has at most {Core.Files.GraftFileLimits.NoteLength} characters.");
        if (!ModelState.IsValid || read is null || minutes is null) return await InvalidAsync();
        return await SaveAsync(new AddHeatReading(new HeatReading("", clock.GetUtcNow(), read.Value, done, minutes.Value)
        {
            Part = (subject as PartSubject)?.Part,
            Space = (subject as SpaceSubject)?.Space,
            Way = (subject as AirWaySubject)?.Way,
            Room = room,
            FanShare = fans,
            Tool = tool,
            Evidence = source,
            Note = note.Trimmed(),
        }));
    }

    public async Task<IActionResult> OnPostRemoveReadAsync(string? reading)
        => reading is null ? await InvalidAsync() : await SaveAsync(new RemoveHeatReading(reading));

    public async Task<IActionResult> OnPostPutByAsync(string? reading, bool past)
        => reading is null ? await InvalidAsync() : await SaveAsync(new PutHeatReadingBy(reading, past));

    /// <summary>Reckons from now on with what readings say.</summary>
    public async Task<IActionResult> OnPostTakeFitAsync() => await LoadAsync() ? await SaveAsync(TakeHeatFit.Of(Read)) : NotFound();

    /// <summary>Reckons with what is usual again.</summary>
    public async Task<IActionResult> OnPostLetGoAsync() => await SaveAsync(new TakeHeatFit(null, []));

    public async Task<IActionResult> OnPostTrustAsync(HeatSchool school) => await SaveAsync(new TrustHeatSchool(school));
}
