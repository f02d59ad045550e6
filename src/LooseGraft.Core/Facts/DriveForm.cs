namespace LooseGraft.Core.Facts;

/// <summary>A size of drive, which is also the size of the bay made for it.</summary>
/// <param name="Name">Its size in inches, as it is called.</param>
/// <param name="LongMm">Its length at least, in millimetres.</param>
/// <param name="WideMm">Its width, in millimetres.</param>
/// <param name="Thread">The thread in its sides and its underside.</param>
/// <param name="DeepestMm">How far a screw may go in before it presses on what is inside, in millimetres.</param>
/// <param name="Source">Where that comes from.</param>
public sealed record DriveForm(string Name, double LongMm, double WideMm, string Thread, double DeepestMm, string Source)
{
    /// <summary>All of them, smallest first.</summary>
    public static IReadOnlyList<DriveForm> All { get; } = FactFile.Load<IReadOnlyList<DriveForm>>("drive-forms.json");

    /// <summary>The one of a name; null for none.</summary>
    public static DriveForm? Find(string name) => All.FirstOrDefault(form => form.Name == name.Trim().Replace(',', '.'));
}
