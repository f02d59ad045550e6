using LooseGraft.Core.Model;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>A list that is typed, a line each.</summary>
/// <param name="Field">The name of its field.</param>
/// <param name="Columns">What stands in a line.</param>
/// <param name="Example">One line as an example.</param>
/// <param name="Most">How many lines it may have.</param>
/// <param name="Read">Makes an item from a line.</param>
/// <param name="Write">The line of an item.</param>
public sealed record SeatList<T>(string Field, string Columns, string Example, int Most, Func<ListLine, T> Read, Func<T, string> Write)
{
    /// <summary>Reads all lines; what is wrong with each stands under the field.</summary>
    /// <param name="errors">Where that is said.</param>
    /// <param name="text">The lines.</param>
    /// <param name="known">What was shown: a line that nobody touched is the thing that it showed, with all that a line does not say.</param>
    public ValueList<T> ReadAll(ModelStateDictionary errors, string? text, IEnumerable<T>? known = null)
    {
        var shown = (known ?? []).GroupBy(item => Write(item).Trim()).ToDictionary(same => same.Key, same => new Queue<T>(same));
        var items = new List<T>();
        foreach (var (index, line) in (text ?? "").ReplaceLineEndings("\n").Split('\n').Index().Where(pair => !string.IsNullOrWhiteSpace(pair.Item)))
        {
            if (items.Count == Most)
            {
                errors.AddModelError(Field, $"There are more than {Most} lines.");
                break;
            }

            if (shown.TryGetValue(line.Trim(), out var untouched) && untouched.TryDequeue(out var same))
            {
                items.Add(same);
                continue;
            }

            var read = new ListLine(line.Trim(), index + 1);
            var item = Read(read);
            if (read.Problem is null && read.Rest() is [var extra, ..]) read.Fail($"“{extra}” is one cell too many; a line is {Columns}");
            if (read.Problem is { } problem) errors.AddModelError(Field, problem);
            else items.Add(item);
        }

        return items.ToValueList();
    }

    /// <summary>The lines that <see cref="ReadAll"/> reads.</summary>
    public string WriteAll(IEnumerable<T> items) => string.Join('\n', items.Select(Write));
}
