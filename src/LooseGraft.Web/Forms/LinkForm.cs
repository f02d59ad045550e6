using LooseGraft.Core.Model;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>What the builder types about two contacts of a part and what lies between them.</summary>
public sealed class LinkForm
{
    private const string Field = "link";

    public string? Position { get; set; }

    public string? Other { get; set; }

    public LinkKind Kind { get; set; }

    public string? Name { get; set; }

    public string? Figures { get; set; }

    public bool Closed { get; set; }

    public bool Overlaps { get; set; }

    /// <summary>What lies between them; null, with errors, when something will not do.</summary>
    /// <param name="errors">Where errors go.</param>
    /// <param name="part">The part.</param>
    /// <param name="port">The connector it is typed at.</param>
    public PartLink? Read(ModelStateDictionary errors, Part part, string port)
    {
        var (one, name, figures) = (errors.OptionalCount(Field, Position, "position"), Name.Trimmed(), LinkFiguresText.TryRead(Figures));
        var other = InnerEnd.Parse(Other?.Contains('/', StringComparison.Ordinal) == true ? Other : $"{port}/{Other}");
        if (one is null || other is null)
            errors.AddModelError(Field, "Type the two positions, such as 3 and 4; for another connector of this part write its name before, as in panel/4.");
        if (figures is null) errors.AddModelError(Field, $"“{Figures}” are not its figures. Type {LinkFiguresText.Allowed}, or nothing.");
        if (Kind == LinkKind.Relay && !part.Links.Any(link => link.Kind == LinkKind.Coil && link.Name == name && name is not null))
            errors.AddModelError(Field, "A relay's contact is called as its coil is, such as K1. Describe the coil first, and give it a name.");
        if (!Kind.Moves() && (Closed || Overlaps))
            errors.AddModelError(Field, $"Only a contact that moves is closed at rest, or overlaps; {Kind.Words()} is neither.");
        return !errors.IsValid ? null : new PartLink(new InnerEnd(port, one!.Value), other!.Value, Kind)
        {
            Name = name,
            Figures = figures!,
            IsClosedAtRest = Closed,
            Overlaps = Overlaps,
        };
    }
}
