namespace LooseGraft.SlowJudge;

/// <summary>Grafts with resistors, lights, diodes, coils and contacts that open.</summary>
public sealed partial class GraftMaker
{
    /// <summary>Makes one; the same seed gives the same graft.</summary>
    public static string MakeWithElements(int seed) => new GraftMaker(seed).MakeWithElements();

    private string MakeWithElements()
    {
        Part("supply", "supply", ("out", "+12 V,ground,+5 V,ground,-12 V,ground"));
        Action[] all = [Indicator, Divider, Series, Changeover, Relay, Joining, Slowed, Protected, Filament, Stepped];
        foreach (var add in all.OrderBy(_ => _random.Next()).Take(_random.Next(1, 4)).ToArray()) add();
        if (Chance(0.35))
        {
            Slip();
            foreach (var wires in _joints.Select(joint => joint!["wires"]!.AsArray())) EachOnce(wires);
        }

        return Document();
    }

    private void Indicator()
    {
        Box("indicator", 3);
        var ohms = Pick("", "150", "330", "560", "1000");
        Element("indicator", 1, 3, "resistor", Pick("330", "560", "1200"), ("watts", Pick("", "0.5", "1")));
        Element("indicator", 3, 2, "light", ohms, ("volts", Pick("", "2", "3.2", "12")));
        if (Chance(0.2)) Element("indicator", 2, 3, "light", ohms, ("volts", "2"));
        JoinAcross("supply/out", "indicator/tags", "indicator", (Plus(), 1), (2, 2));
    }

    private void Divider()
    {
        Box("divider", 3);
        Element("divider", 1, 2, "resistor", Pick("4700", "10000", "22000", "150"));
        Element("divider", 2, 3, "resistor", Pick("2200", "5600", "10000", "1000"));
        Part("listener", "board", ("in", $"serial-receive@{Level()},ground"));
        JoinAcross("supply/out", "divider/tags", "divider", (Plus(), 1), (2, 3));
        JoinAcross("divider/tags", "listener/in", "divided", (2, 1));
        JoinAcross("supply/out", "listener/in", "listener-ground", (4, 2));
    }

    private void Series()
    {
        Box("series", 2);
        Element("series", 1, 2, Pick("resistor", "resistor", "diode"), Pick("100", "470", "2200", "10000", "47000"));
        Part("talker", "board", ("out", $"serial-transmit@{Level()},ground"));
        Part("hearer", "other", ("in", $"serial-receive@{Level()},ground"));
        JoinAcross("talker/out", "series/tags", "said", (1, 1));
        JoinAcross("series/tags", "hearer/in", "heard", (2, 1));
        JoinAcross("talker/out", "hearer/in", "common", (2, 2));
        JoinAcross("supply/out", "talker/out", "home", (6, 2));
    }

    private void Changeover()
    {
        Box("changeover", 3);
        Contact("changeover", 1, 2, "latching", "S1", closed: true);
        Contact("changeover", 3, 2, "latching", "S1", closed: false);
        Part("blower", "fan", ("plug", "+12 V,ground"));
        JoinAcross("supply/out", "changeover/tags", "choice", (1, 1), (Chance(0.6) ? 3 : _random.Next(1, 6), 3));
        JoinAcross("changeover/tags", "blower/plug", "chosen", (2, 1));
        JoinAcross("supply/out", "blower/plug", "blower-ground", (4, 2));
    }

    private void Relay()
    {
        Box("relay", 5);
        Element("relay", 1, 2, "coil", Pick("400", "125", "270"), ("volts", Pick("12", "12", "5", "24")), ("diode", Pick("true", "")));
        _parts.Last()!["links"]![0]!["name"] = "K1";
        Contact("relay", 3, 4, "relay", "K1", closed: Chance(0.3));
        Contact("relay", 1, 5, "momentary", "S1", closed: Chance(0.2));
        if (Chance(0.3)) Contact("relay", 1, 5, "relay", "K1", closed: Chance(0.3));
        var (coil, load) = (Plus(), Chance(0.7) ? 1 : 3);
        Part("pump", "other", ("plug", $"{(load == 1 ? "+12 V" : "+5 V")},ground"));
        JoinAcross("supply/out", "relay/tags", "coil", (coil, 5), (2, 2), (load, 3));
        JoinAcross("relay/tags", "pump/plug", "pump", (4, 1));
        JoinAcross("supply/out", "pump/plug", "pump-ground", (4, 2));
    }

    private void Joining()
    {
        Box("joining", 2);
        Element("joining", 1, 2, Pick("resistor", "diode", "light"), Pick("22", "100", "1000"), ("watts", "5"));
        JoinAcross("supply/out", "joining/tags", "joining", (1, 1), (Chance(0.5) ? 3 : 1, 2));
    }

    private void Slowed()
    {
        Box("slowed", 2);
        Element("slowed", 1, 2, Pick("resistor", "diode"), Pick("10", "22", "47"), ("watts", "10"));
        Part("quiet", Pick("fan", "drive"), ("plug", $"{Pick("+12 V", "+12 V", "+5 V")},ground"));
        JoinAcross("supply/out", "slowed/tags", "slowed", (Plus(), 1));
        JoinAcross("slowed/tags", "quiet/plug", "quiet", (2, 1));
        JoinAcross("supply/out", "quiet/plug", "quiet-ground", (6, 2));
    }

    private void Protected()
    {
        Box("protected", 2);
        Element("protected", 1, 2, "diode", "");
        JoinAcross("supply/out", "protected/tags", "protected", Chance(0.5) ? [(1, 2), (Chance(0.5) ? 2 : 3, 1)] : [(2, 1), (3, 2)]);
    }

    private void Filament()
    {
        Box("filament", 2);
        Element("filament", 1, 2, "lamp", "", ("volts", Pick("6.3", "12", "24")), ("amps", "0.2"));
        JoinAcross("supply/out", "filament/tags", "filament", (Plus(), 1), (2, 2));
    }

    private void Stepped()
    {
        var (takes, gives) = (Pick("+5 V", "+12 V"), Pick("+12 V", "+5 V"));
        Part("step", Pick("adapter", "lead"), ("near", $"{takes},ground"), ("far", $"{gives},ground"));
        Link("step", "near/2", "far/2", null);
        Link("step", "near/1", "far/1", "step");
        _parts.Last()!["links"]![1]!["volts"] = gives == "+12 V" ? 12 : 5;
        Part("stepped", "drive", ("plug", $"{(Chance(0.9) ? gives : "+12 V")},ground"));
        JoinAcross("supply/out", "step/near", "taken", (Chance(0.2) ? Plus() : takes == "+12 V" ? 1 : 3, 1), (2, 2));
        JoinAcross("step/far", "stepped/plug", "given", (1, 1), (2, 2));
    }

    private int Plus() => Chance(0.6) ? 1 : Chance(0.8) ? 3 : 5;

    private void Box(string id, int contacts) => Part(id, "panel", ("tags", string.Join(',', Enumerable.Repeat("none", contacts))));

    private void Contact(string part, int one, int other, string kind, string name, bool closed)
    {
        Link(part, $"tags/{one}", $"tags/{other}", kind);
        var link = _parts.First(each => (string)each!["id"]! == part)!["links"]!.AsArray().Last()!;
        link["name"] = name;
        if (closed) link["closedAtRest"] = true;
    }

    private void Element(string part, int one, int other, string kind, string ohms, params (string Name, string Value)[] figures)
    {
        Link(part, $"tags/{one}", $"tags/{other}", kind);
        var link = _parts.First(each => (string)each!["id"]! == part)!["links"]!.AsArray().Last()!;
        foreach (var (name, value) in figures.Append(("ohms", kind == "diode" ? "" : ohms)).Where(figure => figure.Item2 != ""))
            link[name] = value == "true" ? true : double.Parse(value, System.Globalization.CultureInfo.InvariantCulture);
    }
}
