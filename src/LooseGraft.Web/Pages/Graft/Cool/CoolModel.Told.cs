using LooseGraft.Core.Cool.Edits;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What the air is told: the forms of the page.</summary>
public sealed partial class CoolModel
{
    private const double MostResistance = 200;

    public async Task<IActionResult> OnPostShellAsync(string? air, ShellStand stand, string? feet, string? watts, Evidence evidence)
    {
        var printed = watts.Trimmed() is null ? null : ModelState.OptionalAbove0("watts", watts, "what the maker prints", "W");
        return await SaveAsync(new SetShellAir(
            ModelState.OptionalSpread<Celsius>("air", air, "how warm the room is", -40, 60), stand, ModelState.OptionalLength("feet", feet, 0),
            printed is { } limit ? new Known<Watts>(new Watts(limit), evidence) : null));
    }

    public async Task<IActionResult> OnPostCoverAsync(string? way, string? cover, string? share, AirFilter filter)
    {
        if (way?.Split('/') is not [var plane, var opening]) return await InvalidAsync();
        var free = ModelState.OptionalShare("share", share, "how much of it is free");
        var known = Enum.TryParse<AirCover>(cover, out var found) && Enum.IsDefined(found) ? found : (AirCover?)null;
        // What is free of it, or a filter in it, can only be of something that is there.
        if (known is null && cover != Shut && (free is not null || filter != AirFilter.None)) known = AirCover.Open;
        return await SaveAsync(new CoverOpening(plane, opening, known, free, filter, cover == Shut));
    }

    public async Task<IActionResult> OnPostWayAsync(
        string? known, string? name, string? from, string? to, string? area, PlaneWall? wall, string? height, AirCover cover, string? share, AirFilter filter)
    {
        if (name.Trimmed() is null) ModelState.AddModelError("name", "Give the way a name, such as slots in the left wall.");
        if (from.Trimmed() == to.Trimmed()) ModelState.AddModelError("to", "A way leads from one space to another, or to the room.");
        var (wide, free) = (ModelState.Area("area", area), ModelState.OptionalShare("share", share, "how much of it is free"));
        var high = ModelState.OptionalLength("height", height, 0) ?? Millimetres.Zero;
        return wide is not { } size || !ModelState.IsValid ? await InvalidAsync() : await SaveAsync(new PutAirWay(
            new AirWay(known.Trimmed() ?? "", name.Trimmed()!, from.Trimmed(), to.Trimmed(), size)
            {
                Cover = cover,
                FreeShare = free,
                Filter = filter,
                Wall = from.Trimmed() is null || to.Trimmed() is null ? wall : null,
                Height = high,
            }));
    }

    public async Task<IActionResult> OnPostRemoveWayAsync(string? way) => way is null ? await InvalidAsync() : await SaveAsync(new RemoveAirWay(way));

    public async Task<IActionResult> OnPostSpaceAsync(
        string? known, string? name, string? width, string? depth, string? height, PlaneMaterial? material, ShellTop top)
    {
        if (name.Trimmed() is null) ModelState.AddModelError("name", "Give the space a name.");
        string?[] typed = [width.Trimmed(), depth.Trimmed(), height.Trimmed()];
        SpaceSize? size = null;
        if (typed.Any(side => side is not null))
        {
            if (typed.Any(side => side is null)) ModelState.AddModelError("height", "Give all three sides, or none.");
            else size = new SpaceSize(ModelState.Size("width", width), ModelState.Size("depth", depth), ModelState.Size("height", height));
        }
        else if (known.Trimmed() is null)
        {
            ModelState.AddModelError("height", "How large is it inside? Width, depth and height in millimetres.");
        }

        if (!ModelState.IsValid) return await InvalidAsync();
        return await SaveAsync(known.Trimmed() is { } space
            ? new DescribeSpace(space, name.Trimmed()!, size, material, top) : new AddSpace(name.Trimmed()!, size!.Value, material));
    }

    public async Task<IActionResult> OnPostRemoveSpaceAsync(string space) => await SaveAsync(new RemoveSpace(space));

    public async Task<IActionResult> OnPostFanAsync(string part, [Bind(Prefix = "")] FanForm fan) => await SaveAsync(new PlaceFan(fan.Read(ModelState, part)));

    public async Task<IActionResult> OnPostUnplaceFanAsync(string part) => await SaveAsync(new UnplaceFan(part));

    /// <summary>Turns a fan round.</summary>
    public async Task<IActionResult> OnPostTurnAsync(string part)
    {
        if (!await LoadAsync()) return NotFound();
        return FanOf(part) is { } fan
            ? await SaveAsync(new PlaceFan(fan with { Blows = fan.Blows == AirDirection.In ? AirDirection.Out : AirDirection.In })) : await InvalidAsync();
    }

    public async Task<IActionResult> OnPostCoolerAsync(
        string part, string? sort, string? resistance, string? share, bool duct, bool? spins, Evidence evidence, CoolerHold? hold, string? boardHoles,
        string? ownHoles)
        => await SaveAsync(new SetCooler(new CoolerPlace(part)
        {
            Class = CoolerClass.Find(sort ?? ""),
            Resistance = ModelState.OptionalSpread<KelvinsPerWatt>("resistance", resistance, "kelvins for each watt", 0.01, MostResistance),
            Share = ModelState.OptionalShare("share", share, "what of its watts the chip turns into heat"),
            TakesRoomAir = duct,
            Spins = spins,
            Hold = hold,
            BoardHoles = ModelState.OptionalPattern("boardHoles", boardHoles),
            OwnHoles = ModelState.OptionalPattern("ownHoles", ownHoles),
            Evidence = evidence,
        }));

    /// <summary>Where a part heats the air: a space's id, <see cref="Outside"/>, or nothing for where Seat has it.</summary>
    public async Task<IActionResult> OnPostPlaceAsync(string part, string? space)
        => await SaveAsync(new PlaceHeat(part, space.Trimmed() is { } said ? new HeatPlace(part, said == Outside ? null : said) : null));

    /// <summary>Takes over what is tried of the room and the fans.</summary>
    public async Task<IActionResult> OnPostKeepFansAsync()
    {
        if (!await LoadAsync()) return NotFound();
        return Trial.FanShare is { } share ? await SaveAsync(new RunFans(share)) : await InvalidAsync();
    }

    public async Task<IActionResult> OnPostKeepRoomAsync()
    {
        if (!await LoadAsync()) return NotFound();
        var air = Graft.Cooling;
        return Trial.Room is { } room
            ? await SaveAsync(new SetShellAir(Spread<Celsius>.Exactly(room), air.Stand, air.Feet, air.ShellLimit)) : await InvalidAsync();
    }
}
