using System.Collections;
using System.Reflection;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Files;
using LooseGraft.Core.Seat.Describing;
using LooseGraft.Core.Seat.Exchange;
using LooseGraft.Core.Seat.Surveying;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Stock.Lines;

namespace LooseGraft.Core.Tests;

/// <summary>Makes edits of every sort for a graft, from what there is in it: ids that stand in it, and things of the sort that it holds.</summary>
/// <param name="graft">The graft.</param>
/// <param name="others">What stands in other grafts, for what this one has none of.</param>
internal sealed class EditSamples(Graft graft, ILookup<Type, object> others)
{
    /// <summary>An id that no graft has.</summary>
    public const string Nowhere = "nowhere";

    private Random _random = new(0);
    private readonly ILookup<Type, object> _found = Things([graft]);

    /// <summary>Every sort of edit there is.</summary>
    public static IEnumerable<Type> Sorts
        => typeof(GraftEdit).Assembly.GetTypes().Where(type => type.IsSubclassOf(typeof(GraftEdit)) && !type.IsAbstract)
        .OrderBy(type => type.FullName, StringComparer.Ordinal);

    /// <summary>The demos, and the ferry radiogram once more with what no demo has: one more donor, an adapter with its wires, a made lead with a tie and a
    /// reading, keys, marks, a lead of a supply.</summary>
    public static IReadOnlyList<(Graft Graft, EditSamples Edits)> Demos { get; } = OfDemos();

    /// <summary>The parameters of a sort of edit.</summary>
    public static ParameterInfo[] Parameters(Type sort) => sort.GetConstructors().MaxBy(each => each.GetParameters().Length)!.GetParameters();

    /// <summary>Whether a parameter names something that has to be there.</summary>
    public static bool IsName(ParameterInfo parameter)
        => parameter.ParameterType == typeof(PortId)
            || (parameter.ParameterType == typeof(string)
            && parameter.Name is "Part" or "Joint" or "Supply" or "Load" or "Plane" or "Mount" or "Reading" or "Of" or "Lead" or "Donor" or "InPlaceOf" or "Way" or "Space" or "Opening"
                or "Seller" or "Offer" or "OwnNeed" or "LeftOver" or "OtherWay");

    /// <summary>The edit of a sort that a seed stands for.</summary>
    public GraftEdit Make(Type sort, int seed)
    {
        _random = new Random(seed);
        return Make(sort, Parameters(sort).Select(parameter => Value(parameter.ParameterType, parameter.Name!)));
    }

    /// <summary>The same with other arguments.</summary>
    public static GraftEdit Make(Type sort, IEnumerable<object?> arguments) => (GraftEdit)Activator.CreateInstance(sort, [.. arguments])!;

    /// <summary>The arguments of an edit.</summary>
    public static object?[] Arguments(GraftEdit edit)
        => [.. Parameters(edit.GetType()).Select(parameter => edit.GetType().GetProperty(parameter.Name!)!.GetValue(edit))];

    private object? Value(Type type, string name)
    {
        if (Nullable.GetUnderlyingType(type) is { } inner) return _random.Next(3) == 0 ? null : Value(inner, name);
        if (type == typeof(string)) return name is "Plug" or "Socket" ? null : Text(name);
        if (type == typeof(int))
        {
            return name switch
            {
                "Index" => _random.Next(3),
                "Awg" => _random.Next(10, 31),
                "Volts" => 115 * _random.Next(1, 3),
                "TurnDegrees" => 90 * _random.Next(4),
                _ => _random.Next(1, 5),
            };
        }

        if (type == typeof(double))
            return name switch { "Headroom" => 0.3, "Share" or "FreeShare" => _random.Next(1, 101) / 100.0, _ => _random.Next(1, 90) / 2.0 };
        if (type == typeof(bool)) return _random.Next(2) == 0;
        if (type.IsEnum) return Choice(Enum.GetValues(type));
        if (type == typeof(decimal)) return _random.Next(1, 200) / 100m;
        if (type == typeof(DateOnly)) return new DateOnly(2026, _random.Next(1, 13), 1);
        if (type == typeof(Seller)) return new Seller(_random.Next(3) == 0 ? "" : Text("Seller"), Text(name), "CHF") { Postage = new Money(_random.Next(9)) };
        if (type == typeof(Order))
            return new Order("shop", "Shop", "USD", new DateOnly(2026, 11, 30), [new OrderLine(Text(name), new Money(3), 1)]);
        // Half of them take nothing from the bin, which may have nothing.
        if (type == typeof(ValueList<TakeForNeed>) && _random.Next(2) == 0) return new ValueList<TakeForNeed>();
        if (type == typeof(ValueList<string>) && name == "Parts") return new ValueList<string>([Text("Part")]);
        if (type == typeof(Arrival)) return new Arrival("order", new DateOnly(2026, 12, 1), [new ArrivedLine(0, 1, 0) { Parts = [Text("Part")] }]);
        if (type == typeof(Offer)) return new Offer(_random.Next(3) == 0 ? "" : Text("Offer"), Text("Seller"), Text(name), new Money(_random.Next(1, 50)));
        if (type == typeof(LeftOver)) return new LeftOver(_random.Next(3) == 0 ? "" : Text("LeftOver"), Text(name), new Money(_random.Next(1, 50)));
        if (type == typeof(OtherWay)) return new OtherWay(_random.Next(3) == 0 ? "" : Text("OtherWay"), Text(name), new Money(_random.Next(1, 90)));
        if (type == typeof(Money)) return new Money(_random.Next(1, 50));
        if (type == typeof(Watts)) return new Watts(_random.Next(1, 300));
        if (type == typeof(Millimetres)) return new Millimetres(_random.Next(1, 300));
        if (type == typeof(PlanPoint)) return new PlanPoint(_random.Next(200), _random.Next(200));
        if (type == typeof(Spread<Amps>)) return Spread<Amps>.Exactly(new Amps(_random.Next(1, 40) / 10.0));
        if (type == typeof(Known<string>)) return new Known<string>("B2", Evidence.Label);
        if (type == typeof(PortId)) return Choice(graft.Parts.SelectMany(part => part.Ports.Select(port => new PortId(part.Id, port.Id))).ToArray());
        if (type == typeof(PartTemplate) && name == "Sort") return Choice(PartTemplate.All.Where(template => template.Draws is { Count: > 0 }).ToArray());
        if (type == typeof(PartTemplate) && name == "Adapter") return Choice(PartTemplate.All.Where(template => template.Kind == PartKind.Adapter).ToArray());
        if (type == typeof(PartTemplate)) return Choice(PartTemplate.All.Where(template => template.HolesMm is { Count: > 0 }).ToArray());
        if (type == typeof(ShellThing)) return Thing();
        if (type == typeof(UsualShell)) return Choice(UsualShell.All.ToArray());
        if (type == typeof(WrittenPart))
            return StockLines.Read($"lead = {Text(name)}; shell; {_random.Next(1, 9)}\nplug: 1x2 pins: ground, power-switch", graft).Parts[0];
        if (type == typeof(Screw)) return Screw.Parse("M3 × 6");
        if (type == typeof(PlateSheet)) return new PlateSheet(new Millimetres(120), new Millimetres(44), [new PlanRectangle(4, 5, 20, 12)]);
        if (type == typeof(PhotoMark)) return new PhotoMark(_random.Next(1, 9), 0.5, 0.25);
        if (type == typeof(PlanPhoto))
            return new PlanPhoto("", new string('a', 64), 1200, 900) { Marks = [new PhotoMark(1, 0.1, 0.9)], Across = new Millimetres(_random.Next(1, 300)) };
        if (type == typeof(MountPlane)) return (MountPlane)Choice(_found[type].DefaultIfEmpty(others[type].First()).ToArray()) with { Name = Text(name) };
        if (type == typeof(FanPlace))
            return new FanPlace(Text("Part")) { Blows = (AirDirection)_random.Next(2), Size = new(80), Gap = new(_random.Next(90)) };
        if (type == typeof(CoolerPlace)) return new CoolerPlace(Text("Part")) { TakesRoomAir = _random.Next(2) == 0, Spins = true };
        if (type == typeof(HeatReading))
            return new HeatReading("heat", default, new(_random.Next(30, 90)), (HeatCase)_random.Next(3), new(30)) { Part = Text("Part") };
        if (type == typeof(ContactFit)) return new ContactFit(Text("Part"), Spread<Factor>.Exactly(new(_random.Next(5, 25) / 10.0)));
        if (type == typeof(Spread<Factor>)) return Spread<Factor>.Exactly(new(_random.Next(5, 15) / 10.0));
        if (type == typeof(AirWay))
            return new AirWay(_random.Next(2) == 0 ? "" : Text("Way"), Text(name), null, Text("Space"), new(_random.Next(1, 90))) { Wall = PlaneWall.Rear };
        if (type == typeof(PortLimit)) return new PortLimit(new Amps(_random.Next(1, 20)), null, Evidence.Document);
        if (type == typeof(LoadPlace)) return default(LoadPlace);
        if (type == typeof(LeadTie)) return new LeadTie(new LeadEnd(true, 1), new LeadEnd(true, _random.Next(2, 4)));
        if (type == typeof(KnownDonor)) return new KnownDonor("Ovrell KT-30", "A", graft.Parts[0]);
        if (type == typeof(ReadSheet)) return new ReadSheet([[new(10, 10), new(90, 10), new(90, 60)]], [(new PlanPoint(20, 20), 1.6)], null, []);
        if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(ValueList<>)) return List(type.GetGenericArguments()[0]);
        if (_found[type].Concat(_found.Contains(type) ? [] : others[type]).ToArray() is { Length: > 0 } found) return Choice(found);
        // Nothing like it stands in this graft: it is made of its own parts.
        return type.IsValueType || type.GetConstructors().MaxBy(each => each.GetParameters().Length) is not { } maker
            ? Activator.CreateInstance(type)
            : maker.Invoke([.. maker.GetParameters().Select(parameter => Value(parameter.ParameterType, parameter.Name!))]);
    }

    private ShellThing Thing() => _random.Next(6) switch
    {
        0 => new ShellThing(ShellList.Ceiling, "0"),
        1 => new ShellThing(ShellList.Behind, "0"),
        2 => new ShellThing(ShellList.Box, Choice([.. graft.Seating.Boxes.Select(box => box.Id)])),
        3 => new ShellThing(ShellList.Lead, Choice([.. graft.Seating.Runs.Select(run => run.Id)])),
        4 => new ShellThing(ShellList.Opening, Choice([.. graft.Seating.Planes.SelectMany(plane => plane.Openings).Select(opening => opening.Id)])),
        _ => new ShellThing(ShellList.Mount, Text("Mount")),
    };

    private string Text(string name) => name switch
    {
        "Part" or "MetBy" or "InPlaceOf" => Choice([.. graft.Parts.Select(part => part.Id)]),
        "Donor" => Choice([.. graft.OtherDonors.Select(donor => donor.Id!)]),
        "Joint" => Choice([.. graft.Joints.Select(joint => joint.Id)]),
        "Supply" => Choice([.. graft.Supplies.Select(supply => supply.Id)]),
        "Load" => Choice([.. graft.Loads.Select(load => load.Id)]),
        "Rail" => Choice([.. graft.Loads.SelectMany(load => load.Draws).Select(draw => draw.Rail)]),
        "Plane" => Choice([.. graft.Seating.Planes.Select(plane => plane.Id)]),
        "Opening" => Choice([.. graft.Seating.Planes.SelectMany(plane => plane.Openings).Select(opening => opening.Id)]),
        "Seller" => Choice([.. graft.Buying.Sellers.Select(seller => seller.Id)]),
        "Offer" => Choice([.. graft.Buying.Offers.Select(offer => offer.Id)]),
        "LeftOver" => Choice([.. graft.Buying.Worth.LeftOvers.Select(left => left.Id)]),
        "OtherWay" => Choice([.. graft.Buying.Worth.OtherWays.Select(way => way.Id)]),
        "OwnNeed" => Choice([.. graft.Buying.OwnNeeds.Select(own => own.Id)]),
        "Way" => Choice([.. graft.Cooling.Ways.Select(way => way.Id)]),
        "Space" => Choice([.. graft.AirSpaces().Select(space => space.Id)]),
        "Mount" => Choice([.. graft.Seating.Planes.SelectMany(plane => plane.Mounts).Select(mount => mount.Id)]),
        "Reading" => Choice(
            [
                .. graft.Readings.Select(reading => reading.Id), .. graft.WallReadings.Select(reading => reading.Id),
                .. graft.Cooling.Readings.Select(reading => reading.Id),
            ]),
        "Lead" => Choice([.. graft.Supplies.SelectMany(supply => supply.Leads).Select(lead => lead.Id)]),
        "Of" => Choice([.. graft.Parts.Select(part => part.Id), .. graft.Seating.Planes.Select(plane => plane.Id)]),
        "Currency" => _random.Next(3) == 0 ? "EUR" : "USD",
        "Need" => Choice([.. graft.Buying.FromBin.Select(take => take.Need), "tool meter"]),
        "Entry" => Choice([.. graft.Buying.FromBin.Select(take => take.Claim.Entry), Nowhere]),
        "Beeps" => "Q 1 2\nW 1 3\nA 4 2",
        "Port" or "Ribbon" => Choice([.. graft.Parts.SelectMany(part => part.Ports).Select(port => port.Id)]),
        "Id" or "Hash" or "Record" => Nowhere,
        _ => $"{name.ToLowerInvariant()} {_random.Next(100)}",
    };

    // A list that stands somewhere in the graft, or a short one of things like those in it.
    private object List(Type of)
    {
        var lists = _found[typeof(ValueList<>).MakeGenericType(of)].ToArray();
        if (lists.Length > 0) return _random.Next(2) == 0 ? Choice(lists) : Activator.CreateInstance(typeof(ValueList<>).MakeGenericType(of))!;
        var items = Array.CreateInstance(of, 2);
        for (var index = 0; index < items.Length; index++)
        {
            items.SetValue(of.Name.StartsWith("ValueTuple", StringComparison.Ordinal)
                ? Activator.CreateInstance(of, [.. of.GetGenericArguments().Select((type, at) => Value(type, at == 0 ? "Port" : "Tuple"))])
                : Value(of, "Item"), index);
        }

        return typeof(ValueList).GetMethod(nameof(ValueList.ToValueList))!.MakeGenericMethod(of).Invoke(null, [items])!;
    }

    private T Choice<T>(T[] among) => among.Length == 0 ? (T)(object)Nowhere : among[_random.Next(among.Length)];

    private object? Choice(Array among) => among.GetValue(_random.Next(among.Length));

    private static ILookup<Type, object> Things(IEnumerable<Graft> grafts)
        => grafts.SelectMany(graft => Inside(graft).Concat(graft.Seating.Surveys.Select(SurveyAdjustment.Of))).ToLookup(thing => thing.GetType());

    private static (Graft, EditSamples)[] OfDemos()
    {
        var demos = Directory.EnumerateFiles(House.Root.Folder("demo"), "*.json").Order().Select(file => GraftFile.Read(File.ReadAllBytes(file)).Graft!)
            .ToList();
        var ferry = demos.First(demo => demo.Practice is not null);
        ferry = ferry.WithPart(ferry.Parts[0].Id, part => part with { Matrix = new KeyMatrix(4, 4).With(1, 1, "Enter") });
        var rich = ferry with
        {
            Cooling = ferry.Cooling with
            {
                Spaces = [new AirSpace("tray", "cabinet"), new AirSpace("loft", "loft")],
                Readings = [new HeatReading("heat", default, new(70), HeatCase.Peak, new(30)) { Part = "kt31" }],
            },
            Buying = new Buying
            {
                Rates = [new ExchangeRate("USD", 0.9m, new DateOnly(2026, 1, 1))],
                Sellers = [new Seller("shop", "Shop", "USD")],
                Offers = [new Offer("nuts", "shop", "Nuts", new Money(1)) { Contents = [new OfferContent(WareText.Read("nut M3")!, 10)] }],
                Basket = [new BasketLine("nuts", 1)],
                Marks = [new NeedMark("tool meter", NeedMarking.There, null)],
                NoPower = [new NoPower("tool meter", "meter")],
                OwnNeeds = [new OwnNeed("ties", WareText.Read("tie")!, 5)],
                FromBin = [new BinTake("own ties", "Ties", new BinClaim("ties", 2))],
                Worth = new WorthTerms
                {
                    LeftOvers = [new LeftOver("case", "Old case", new Money(4))],
                    OtherWays = [new OtherWay("tower", "Tower", new Money(90))],
                },
            },
            OtherDonors = [new GraftDonor("twin", new Machine("Twin kiosk"), [new CaseAnswer(CaseDuty.Speaker, true)])],
            Parts = [.. ferry.Parts.Select(part => part.Ports.FirstOrDefault(port => port.PositionCount > 1) is not { } port ? part : part with
            {
                Tests = [new ContinuityTest<InnerEnd>(new InnerEnd(port.Id, 1), new InnerEnd(port.Id, 2), true, default)],
            }),
                TemplatePart.MakePart(PartTemplate.Find("adapter-floppy")!, "adapter", "adapter").From(PartOrigin.Donor, "twin")],
            Joints = [.. ferry.Joints.Select(joint => ferry.FindPort(joint.From)!.PositionCount < 2 ? joint : joint with
            {
                Method = JointMethod.Rebuild,
                Wires = [new Conductor(1, 1)],
                Ties = [new LeadTie(new LeadEnd(true, 1), new LeadEnd(true, 2))],
                Tests = [new ContinuityTest<LeadEnd>(new LeadEnd(true, 1), new LeadEnd(false, 1), true, default)],
            })],
            Supplies = [.. ferry.Supplies.Select(supply => supply with { Leads = supply.Leads.Add(new SupplyLead("lead", "lead")) })],
            Photos = [.. ferry.Photos, .. ferry.Photos],
            Readings = [.. ferry.Readings,
                .. ferry.Joints.Index()
                .Select(joint => new Reading($"twelve-{joint.Index}", default, joint.Item.From, MeterMode.VoltsDc, "12.1 V")
                {
                    Red = 1, Power = PowerState.On,
                })],
            Seating = ferry.Seating with
            {
                Surveys = [new Survey(
                    ferry.Parts[0].Id, [new SurveySpan("h1", "h2", "40"), new SurveySpan("h1", "h3", "30"), new SurveySpan("h2", "h3", "50")])],
            },
        };
        demos.Add(GraftFile.Read(GraftFile.Write(rich)) is { Graft: { } read }
            ? read
            : throw new InvalidOperationException($"{GraftFile.Read(GraftFile.Write(rich)).Errors[0]}"));
        var all = Things(demos);
        return [.. demos.Select(demo => (demo, new EditSamples(demo, all)))];
    }

    private static IEnumerable<object> Inside(object thing)
    {
        yield return thing;
        if (thing is ConnectorType or string or Signal || thing.GetType().Namespace?.StartsWith("LooseGraft.Core.Model", StringComparison.Ordinal) != true)
            yield break;
        var inner = thing is IEnumerable list
            ? list.Cast<object>()
            : thing.GetType().GetProperties().Where(member => member.GetIndexParameters().Length == 0 && member.CanWrite)
                .Select(member => member.GetValue(thing)).OfType<object>();
        foreach (var below in inner.SelectMany(Inside)) yield return below;
    }
}
