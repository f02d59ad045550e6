using LooseGraft.Core.Model;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>What the builder types about contacts of a part and what lies between them: two, or two rows of as many.</summary>
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
    public ValueList<PartLink>? Read(ModelStateDictionary errors, Part part, string port)
    {
        var (name, figures) = (Name.Trimmed(), LinkFiguresText.TryRead(Figures));
        var (one, other) = (ContactRow.TryRead(Position, part, port), ContactRow.TryRead(Other, part, port));
        if (one is null || other is null)
        {
            errors.AddModelError(Field, "Type the two positions, such as 3 and 4, or two rows of as many, such as 1-24 and 24-1; those of another connector of this "
                + $"part with its name before. There are {string.Join(", ", part.Ports.Select(each => $"{each.Name}/1-{each.PositionCount}"))}.");
        }
        else if (one.Count != other.Count)
        {
            errors.AddModelError(Field, $"The two rows differ: {one.Count} positions and {other.Count}. Each joins one of the other, in order; 24-1 counts down.");
        }
        else if (one.Count > 1 && Kind != LinkKind.Wire)
        {
            errors.AddModelError(Field, "A row is of conductors. Put in what else lies there one by one.");
        }

        if (figures is null) errors.AddModelError(Field, $"“{Figures}” are not its figures. Type {LinkFiguresText.Allowed}, or nothing.");
        if (Kind == LinkKind.Relay && !part.Links.Any(link => link.Kind == LinkKind.Coil && link.Name == name && name is not null))
            errors.AddModelError(Field, "A relay's contact is called as its coil is, such as K1. Describe the coil first, and give it a name.");
        if (!Kind.Moves() && (Closed || Overlaps))
            errors.AddModelError(Field, $"Only a contact that moves is closed at rest, or overlaps; {Kind.Words()} is neither.");
        return !errors.IsValid ? null : [.. one!.Zip(other!, (first, second) => new PartLink(first, second, Kind)
        {
            Name = name,
            Figures = figures!,
            IsClosedAtRest = Closed,
            Overlaps = Overlaps,
        })];
    }
}
