using System.Diagnostics;
using System.Text;
using LooseGraft.Core.Files;

namespace LooseGraft.Core.Tests.Files;

/// <summary>Reading a file costs as much for each of its bytes however long it is and whatever it repeats.</summary>
public sealed class ReadingWorkTests
{
    private const int Short = 32 * 1024;
    private const int Long = 16 * Short;
    private const double MostPerByte = 3;

    // A machine busy with something else spoils some tries, work that grows with the square of the size spoils all: sixteen times as much for each byte.
    private const int Tries = 25;
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(20);

    [Theory]
    [InlineData(3, "", "\"u{0}\":0", "")]
    [InlineData(1, "", "\"u{0}\":0", "")]
    [InlineData(3, "", "\"name\":0", "")]
    [InlineData(3, "", "\"\\ud800{0}\":0", "")]
    [InlineData(3, "\"u\":{", "\"v{0}\":[{{}}]", "}")]
    [InlineData(2, "\"parts\":[{\"id\":\"p\",\"ports\":[", "{{\"id\":\"q{0}\",\"connector\":\"k\"}}",
        "]}],\"supplies\":[{\"part\":\"p\",\"strings\":[{\"plugs\":[#]}]}]")]
    [InlineData(2, "\"parts\":[{\"id\":\"p\",\"ports\":[", "{{\"id\":\"q{0}\",\"connector\":\"k\"}}", "]}],\"supplies\":[@]")]
    [InlineData(2, "\"loads\":[{\"id\":\"a\"", ",\"supply\":\"{0}\"", "}]")]
    public void A_longer_file_costs_no_more_for_each_byte(int version, string before, string repeated, string after)
    {
        var (few, many) = (Document(version, before, repeated, after, Short), Document(version, before, repeated, after, Long));
        var (least, most) = (double.MaxValue, double.MaxValue);
        var watch = Stopwatch.StartNew();
        for (var attempt = 0; attempt < Tries && watch.Elapsed < Patience; attempt++)
        {
            (least, most) = (Math.Min(least, PerByte(few)), Math.Min(most, PerByte(many)));
            if (attempt > 0 && most <= MostPerByte * least) return;
        }

        Assert.Fail($"{Long} bytes cost {most / least:0.0} times as much for each byte as {Short}.");
    }

    [Theory]
    [InlineData("\"\\ud800{0}\":0")]
    [InlineData("\"name\":0")]
    public void What_is_wrong_beyond_what_is_told_is_not_looked_at(string repeated)
    {
        var document = Document(3, "", repeated, "", Long);
        GraftFile.Read(document);
        var before = GC.GetAllocatedBytesForCurrentThread();
        Assert.Equal(GraftFileLimits.ErrorsReported, GraftFile.Read(document).Errors.Length);
        // Each mistake that is looked at costs some hundred bytes; there are 30,000.
        Assert.InRange(GC.GetAllocatedBytesForCurrentThread() - before, 0, 2 * Long);
    }

    private static double PerByte(byte[] document)
    {
        var watch = Stopwatch.StartNew();
        GraftFile.Read(document);
        return watch.Elapsed.TotalNanoseconds / document.Length;
    }

    // In what comes after, a # stands for as many plugs again and an @ for as many supplies with one plug each.
    private static byte[] Document(int version, string before, string repeated, string after, int length)
    {
        var count = length / (after.Contains('#') || after.Contains('@') ? 2 : 1) / (repeated.Length + 4);
        var head = $$"""{"format":"loose-graft","formatVersion":{{version}},"name":"a","donor":{"name":"d"},"shell":{"name":"s"},{{before}}""";
        after = after.Replace("#", Many("{{\"id\":\"w{0}\",\"connector\":\"k\"}}"), StringComparison.Ordinal)
            .Replace("@", Many("{{\"part\":\"p\",\"strings\":[{{\"plugs\":[{{\"id\":\"w\",\"connector\":\"k\"}}]}}]}}"), StringComparison.Ordinal);
        return Encoding.UTF8.GetBytes($"{head}{Many(repeated)}{after}}}");

        string Many(string each)
            => string.Join(each.StartsWith(',') ? "" : ",", Enumerable.Range(0, count).Select(index => string.Format(null, each, index)));
    }
}
