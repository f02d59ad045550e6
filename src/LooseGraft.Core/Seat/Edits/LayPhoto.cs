using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Lays a photograph under the plan of a plane or a board, marks it or scales it; null takes it away.</summary>
/// <param name="Of">The plane or the part.</param>
/// <param name="Photo">The photograph as it then is.</param>
public sealed record LayPhoto(string Of, PlanPhoto? Photo) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.FindPart(Of) is null && graft.Seating.FindPlane(Of) is null ? graft : graft.WithSeating(seating => seating with
        {
            Photos = Photo is null ? seating.Photos.RemoveAll(photo => photo.Of == Of)
                : [.. seating.Photos.Where(photo => photo.Of != Of), Photo with { Of = Of }],
        });

    public override string Words(Graft graft)
    {
        var (what, before) = ($"Photograph under {NameIn(graft)}", graft.Seating.Photos.FirstOrDefault(photo => photo.Of == Of));
        return Photo is null ? $"{what} taken away"
            : before is null || before.Hash != Photo.Hash ? $"{what} laid"
            : before.Marks != Photo.Marks ? $"{what} marked"
            : $"{what}: {Photo.Across?.ToString() ?? "not known"} across, {Photo.Deep?.ToString() ?? "not known"} deep, from {Photo.At}";
    }

    public override string Standing(Graft graft) => graft.Seating.Photos.FirstOrDefault(photo => photo.Of == Of) is { } photo
        ? $"a photograph with {photo.Marks.Length.Counted("end")} marked, {photo.Across?.ToString() ?? "not known"} across, {photo.Deep?.ToString() ?? "not known"} deep"
        : "no photograph under it";

    private string NameIn(Graft graft) => graft.FindPart(Of)?.Name ?? graft.Seating.FindPlane(Of)?.Name ?? Of;
}
