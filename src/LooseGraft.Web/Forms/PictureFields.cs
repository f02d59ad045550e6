using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Fields that say where on a picture something is.</summary>
public static class PictureFields
{
    /// <summary>Reads how far across and down in per cent; shares from 0 to 1, to four digits, finer than any click.</summary>
    public static (double Across, double Down) OnPicture(this ModelStateDictionary state, string field, string? x, string? y)
    {
        var (across, down) = (Share(x), Share(y));
        if (across is null || down is null) state.AddModelError(field, "Click on the picture, or type how far across and down in per cent, from 0 to 100.");
        return (across ?? 0, down ?? 0);
    }

    private static double? Share(string? text) => FigureText.TryRead(text, "%") is { } percent and >= 0 and <= 100 ? Math.Round(percent / 100, 4) : null;
}
