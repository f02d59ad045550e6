using System.Globalization;
using LooseGraft.Core.Wire;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Where the contacts of a joint lead to, as typed: one field for each position of the fixed port, such as <c>7</c> or <c>7, 9</c>.</summary>
public static class WireTargets
{
    private static readonly char[] Between = [',', ' ', ';'];

    /// <summary>The name of the field of a position.</summary>
    public static string Field(int position) => string.Create(CultureInfo.InvariantCulture, $"to-{position}");

    /// <summary>What stands in it.</summary>
    public static string Text(JointReview review, int position)
        => string.Join(", ", review.Joint.Wires.Where(wire => wire.From == position).Select(wire => wire.To.ToString(CultureInfo.InvariantCulture)));

    /// <summary>The first field that was changed, read; null when none was, or when one cannot be read, which is then told.</summary>
    public static (int From, int[] To)? Changed(JointReview review, IFormCollection form, ModelStateDictionary problems)
    {
        (int, int[])? changed = null;
        for (var position = 1; position <= review.From.Port.PositionCount; position++)
        {
            if (!form.TryGetValue(Field(position), out var typed) || typed.ToString().Trim() == Text(review, position)) continue;
            var to = Read(typed.ToString(), review.To.Port.PositionCount);
            if (to is null)
                problems.AddModelError(
                Field(position), $"Position {position}: “{typed}” names no positions of {review.To.Port.Name}. Type numbers from 1 to {review.To.Port.PositionCount}, such as 7 or 7, 9, or nothing.");
            else changed ??= (position, to);
        }

        return problems.IsValid ? changed : null;
    }

    private static int[]? Read(string typed, int positions)
    {
        var words = typed.Split(Between, StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        var numbers = words.Select(
            word => int.TryParse(word, NumberStyles.None, CultureInfo.InvariantCulture, out var number) && number >= 1 && number <= positions ? number : 0)
            .ToArray();
        return numbers.Contains(0) ? null : [.. numbers.Distinct()];
    }
}
