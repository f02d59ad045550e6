using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit.Elements;

/// <summary>A resistance from a node to another, behind a diode where current flows one way only.</summary>
/// <param name="From">A node; the anode's.</param>
/// <param name="To">The other.</param>
/// <param name="Ohms">The resistance, of a diode while it conducts.</param>
/// <param name="Threshold">The volts from which a diode conducts; null for what conducts both ways.</param>
/// <param name="Element">The element it stands for.</param>
internal readonly record struct Branch(int From, int To, double Ohms, double? Threshold, Element Element)
{
    /// <summary>A silicon diode conducts from about 0.6 V (diode law; makers' curves of 1 A rectifiers).</summary>
    public const double DiodeVolts = 0.6;

    /// <summary>A red light glows from 1.6 V, the least of the colours, so that of one that states nothing most current is reckoned (makers' data
    /// sheets).</summary>
    public const double LightVolts = 1.6;

    /// <summary>A light that states more than so many volts has its resistor inside: blue and white ones need up to 3.6 V by themselves (makers' data
    /// sheets).</summary>
    public const double MostBareVolts = 4;

    // A light with its resistor inside is made to take about 20 mA (makers' data sheets of panel lights); what a bare one adds to its threshold is some ohms.
    private const double LightAmps = 0.02;
    private const double InsideLightVolts = 2;
    private const double BareLightOhms = 10;
    private const double DiodeOhms = 0.1;

    // Of what states too little something is taken, so that what lies behind it is found; that it states too little is told.
    private const double AnyOhms = 100;

    /// <summary>The branches that stand for an element.</summary>
    /// <param name="element">The element.</param>
    /// <param name="one">The node of its plus side.</param>
    /// <param name="other">The node of its other side.</param>
    public static IEnumerable<Branch> Of(Element element, int one, int other)
    {
        var figures = element.Link.Figures;
        switch (element.Link.Kind)
        {
            case LinkKind.Diode:
                yield return new Branch(one, other, DiodeOhms, figures.Volts?.Value ?? DiodeVolts, element);
                break;
            // Of alternating current nothing is left on average, and where a winding meets direct current is told as that.
            case LinkKind.Winding:
                break;
            // What has a will of its own takes and gives as the roles of its contacts say.
            case LinkKind.Step or LinkKind.Invert or LinkKind.Delay:
                break;
            case LinkKind.Light:
                var volts = figures.Volts?.Value ?? LightVolts;
                yield return volts <= MostBareVolts
                    ? new Branch(one, other, (figures.Resistance?.Value ?? 0) + BareLightOhms, volts, element)
                    : new Branch(one, other, figures.Resistance?.Value ?? (volts - InsideLightVolts) / LightAmps, InsideLightVolts, element);
                break;
            default:
                yield return new Branch(one, other, Resistance(figures), null, element);
                if (figures.HasDiode) yield return new Branch(other, one, DiodeOhms, DiodeVolts, element);
                break;
        }
    }

    private static double Resistance(LinkFigures figures)
        => figures.Resistance?.Value ?? (figures is { Volts: { } volts, Amps: { } amps } ? volts.Value / amps.Value : AnyOhms);
}
