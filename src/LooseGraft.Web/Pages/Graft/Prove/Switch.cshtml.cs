using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove.Edits;
using LooseGraft.Core.Prove.Meters;
using LooseGraft.Core.Prove.Switches;
using LooseGraft.Core.Quantities;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;
using LooseGraft.Web.Instruments;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;

namespace LooseGraft.Web.Pages;

/// <summary>The switch and light test: what lies on the desk, from beeps and diode readings in any order.</summary>
public sealed class SwitchModel(GraftStore store, ReviewDesk reviews, MeterShelf meters, TimeProvider clock) : GraftPageModel(store, reviews)
{
    /// <summary>The connector whose contacts are the legs, written part/port.</summary>
    [BindProperty(SupportsGet = true, Name = "port")]
    public string? PortText { get; set; }

    /// <summary>The contacts that are the legs, such as <c>3,4</c>; the first six when none are named.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Legs { get; set; }

    public Part? Owner { get; private set; }

    public Port? Shown { get; private set; }

    /// <summary>The contacts that are the legs: leg 1 is the first of them.</summary>
    public ImmutableArray<int> Positions { get; private set; } = [];

    public SwitchTest? Switch { get; private set; }

    public LightTest? Light { get; private set; }

    public IReadOnlyList<(string Key, string Name)> Meters { get; private set; } = [];

    public MeterAnswer? Answer { get; private set; }

    /// <summary>Connectors that may have switches or lights behind them, those of the shell first.</summary>
    public IEnumerable<(PortId Id, string Name)> Candidates
        => from part in Graft.Parts.OrderBy(part => part.Kind is PartKind.Switch or PartKind.Panel or PartKind.Lamp ? 0 : 1)
           from port in part.Ports
           select (new PortId(part.Id, port.Id), $"{part.Name}: {port.Name}");

    public async Task<IActionResult> OnPostReadAsync(int one, int other, SwitchAct act, string? reading)
    {
        if (!await LoadAsync() || Shown is null) return NotFound();
        if (!IsPair(one, other)) ModelState.AddModelError("one", "Choose two different legs.");
        var said = ReadingText.TryRead(reading);
        if (said?.As(ReadingKind.Ohms).IsJoined is null)
            ModelState.AddModelError("reading", $"“{reading}” does not say whether the two are joined. Type beep, no beep, OL, or ohms such as 0.3.");
        return await SaveAsync(Read(MeterMode.Beep, reading, one, other, act));
    }

    public async Task<IActionResult> OnPostLightAsync(int one, int other, string? reading)
    {
        if (!await LoadAsync() || Shown is null) return NotFound();
        if (!IsPair(one, other)) ModelState.AddModelError("one", "Choose two different legs.");
        if (ReadingText.TryRead(reading)?.As(ReadingKind.Volts).Kind is not (ReadingKind.Volts or ReadingKind.OverRange or ReadingKind.Beep))
            ModelState.AddModelError("diode", $"“{reading}” is not a diode reading. Type volts such as 1.85, or OL.");
        return await SaveAsync(Read(MeterMode.Diode, reading, one, other, SwitchAct.AtRest));
    }

    public async Task<IActionResult> OnPostMeasureAsync(int one, int other, SwitchAct act, string? meter)
    {
        if (!await LoadAsync() || Shown is null) return NotFound();
        if (!IsPair(one, other)) ModelState.AddModelError("one", "Choose two different legs.");
        else if (await meters.FindAsync(meter, Graft, HttpContext.RequestAborted) is { } instrument)
            Answer = await instrument.MeasureAsync(
                new MeterRequest(MeterMode.Beep, new PortId(Owner!.Id, Shown.Id), one, other, PowerState.Off, act), HttpContext.RequestAborted);
        else
            ModelState.AddModelError("meter", "That instrument is not turned on.");
        return ModelState.IsValid ? Page() : await InvalidAsync();
    }

    public async Task<IActionResult> OnPostKeepAsync()
    {
        if (!await LoadAsync() || Shown is not { } port || Switch?.Is is not { Kind: not SwitchKind.Still } known) return NotFound();
        var legs = new[] { known.Common, known.AtRest, known.Else }.Where(group => group >= 0).Select(group => Positions[known.GroupOf.IndexOf(group)]);
        return await SaveAsync(new KeepSwitch(new PortId(Owner!.Id, port.Id), legs.ToValueList(), Switch.Words()));
    }

    public async Task<IActionResult> OnPostKeepLightAsync()
    {
        if (!await LoadAsync() || Shown is not { } port || Light?.Plus is not { } plus || Positions is not [var one, var other]) return NotFound();
        return await SaveAsync(new KeepLight(new PortId(Owner!.Id, port.Id), plus == 1 ? one : other, plus == 1 ? other : one, Light.Words));
    }

    public Task<IActionResult> OnPostRemoveReadingAsync(string reading) => SaveAsync(new RemoveReading(reading));

    /// <summary>The leg, counted from 1, that a contact is.</summary>
    public int Leg(int position) => Positions.IndexOf(position) + 1;

    public override async Task OnPageHandlerExecutionAsync(PageHandlerExecutingContext context, PageHandlerExecutionDelegate next)
    {
        await base.OnPageHandlerExecutionAsync(context, next);
        if (Snapshot is not null) Meters = await meters.ChoicesAsync(Graft, HttpContext.RequestAborted);
    }

    protected override void OnShown()
    {
        var id = PortId.Parse(PortText ?? "") is { } asked && Graft.FindPort(asked) is not null
            ? asked
            : Candidates.Select(candidate => (PortId?)candidate.Id).FirstOrDefault();
        if (id is not { } chosen) return;
        PortText = chosen.ToString();
        (Owner, Shown) = (Graft.FindPart(chosen.Part), Graft.FindPort(chosen));
        Positions = Chosen(Shown!);
        if (Positions.Length < 2) return;
        var readings = Graft.Readings.Where(
            reading => reading.Port == chosen && reading is { Red: { } red, Black: { } black } && Positions.Contains(red) && Positions.Contains(black))
            .ToArray();
        Switch = SwitchTest.Of(Positions.Length, from reading in readings
                                                 where reading.Mode is MeterMode.Beep or MeterMode.Ohms && reading.Value?.IsJoined is not null
                                                 select new LegReading(
                                                     Leg(reading.Red!.Value), Leg(reading.Black!.Value), reading.Act, reading.Value!.Value.IsJoined!.Value));
        if (Positions is [var one, var other])
        {
            Light = LightTest.Of(1, 2, from reading in readings
                                       where reading.Mode == MeterMode.Diode && reading.Value is not null
                                       select new LightReading(reading.Red == one ? 1 : 2, reading.Black == other ? 2 : 1, reading.Value!.Value));
        }
    }

    private ImmutableArray<int> Chosen(Port port)
    {
        var named = (Legs ?? "").Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)
            .Select(text => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var position) ? position : 0)
            .Where(position => position >= 1 && position <= port.PositionCount).Distinct().Take(SwitchTest.MostLegs).ToImmutableArray();
        return named.Length >= 2 ? named : [.. Enumerable.Range(1, Math.Min(port.PositionCount, SwitchTest.MostLegs))];
    }

    private AddReading Read(MeterMode mode, string? reading, int one, int other, SwitchAct act)
        => new(new Reading("", clock.GetUtcNow(), new PortId(Owner!.Id, Shown!.Id), mode, (reading ?? "").Trim()) { Red = one, Black = other, Act = act });

    private bool IsPair(int one, int other) => one != other && Positions.Contains(one) && Positions.Contains(other);
}
