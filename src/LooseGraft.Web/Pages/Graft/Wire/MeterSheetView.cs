using LooseGraft.Core.Wire.Leads;

namespace LooseGraft.Web.Pages;

/// <summary>A meter sheet as it is shown, whatever sort of lead it is of.</summary>
/// <param name="Page">The page it stands on, which takes its readings.</param>
/// <param name="Lines">Its lines.</param>
public sealed record MeterSheetView(GraftPageModel Page, IReadOnlyList<MeterSheetRow> Lines)
{
    /// <summary>The view of a sheet.</summary>
    /// <param name="page">The page.</param>
    /// <param name="lines">The lines of the sheet.</param>
    /// <param name="words">Says where an end is.</param>
    public static MeterSheetView Of<TEnd>(GraftPageModel page, IEnumerable<SheetLine<TEnd>> lines, Func<TEnd, string> words)
        where TEnd : struct, IEquatable<TEnd>
        => new(page, [.. lines.Select(line => new MeterSheetRow(line.Test.One.ToString()!, line.Test.Other.ToString()!, words(line.Test.One),
            words(line.Test.Other), line.Test.MustBeep, line.Test.Because, line.Result?.Beeped, line.IsRight))]);
}

/// <summary>One line of a sheet as it is shown.</summary>
public sealed record MeterSheetRow(
    string One, string Other, string OneWords, string OtherWords, bool MustBeep, string Because, bool? Beeped, bool? IsRight);
