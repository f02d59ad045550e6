using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Facts;

/// <summary>What a thing is that is needed, owned or offered: its sort and its size, by which one is held against the other. Never its name.</summary>
/// <param name="Kind">Its sort.</param>
public sealed record Ware(WareKind Kind)
{
    /// <summary>How many gauge numbers thicker a wire may be than is asked for: terminals are made for about as many (makers' data of common crimp
    /// terminals).</summary>
    public const int ThickerGauges = 4;

    private const double RoundingMm = 1e-6;

    /// <summary>Its thread, for what is screwed.</summary>
    public ScrewThread? Thread { get; init; }

    /// <summary>Its length or height; the least, where several will do. Null where that does not matter.</summary>
    public Millimetres? Least { get; init; }

    /// <summary>Its length or height; the most, where several will do. Null for as long as one likes.</summary>
    public Millimetres? Most { get; init; }

    /// <summary>The gauge of a wire, an American wire gauge number.</summary>
    public int? Awg { get; init; }

    /// <summary>What a fuse bears; of one that is needed, the most it may bear. Null where nobody can say.</summary>
    public Amps? Amps { get; init; }

    /// <summary>What else tells it from others of its sort: a template, a connector, a colour, a tool's name. Empty for any.</summary>
    public string Word { get; init; } = "";

    /// <summary>A usual part.</summary>
    public static Ware Usual(PartTemplate template) => new(WareKind.Part) { Word = template.Id };

    /// <summary>A tool by its name.</summary>
    public static Ware Tool(string name) => new(WareKind.Tool) { Word = name };

    /// <summary>The usual part that it is; null for anything else.</summary>
    public PartTemplate? Template => Kind == WareKind.Part ? PartTemplate.Find(Word) : null;

    /// <summary>What one costs in euros; null where nobody can say.</summary>
    public PriceSpan? Price => Template is { } template
        ? template.PriceEuros is [var low, var likely, var high] ? new PriceSpan(low, likely, high) : null
        : WareFact.Of(Kind).Price;

    /// <summary>Whether it will do where another is asked for: the same sort and thread, a length within what is asked, a wire as thick or up to
    /// <see cref="ThickerGauges"/> numbers thicker, a fuse that bears no more. Whether a go-between does the work of a joint is not asked here.</summary>
    public bool Meets(Ware need)
        => Kind == need.Kind
            && (need.Thread is null || Thread?.Name == need.Thread.Name)
            && (need.Least is not { } least || (Least is { } own && own.Value >= least.Value - RoundingMm))
            && (need.Most is not { } most || (Most is { } longest && longest.Value <= most.Value + RoundingMm))
            && (need.Awg is not { } awg || (Awg is { } gauge && gauge <= awg && gauge >= awg - ThickerGauges))
            && (need.Amps is not { } bears || (Amps is { } amps && amps.Value <= bears.Value))
            && (need.Word.Length == 0 || need.Word.Equals(Word, StringComparison.OrdinalIgnoreCase));

    /// <summary>As it is written in a list; <see cref="WareText.Read"/> reads it back.</summary>
    public override string ToString() => WareText.Write(this);
}
