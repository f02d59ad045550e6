using System.Collections;
using System.Reflection;
using System.Text;
using CsCheck;
using LooseGraft.Core.Files;

namespace LooseGraft.Core.Tests.Files;

/// <summary>A graft has one written form: what is read back from it is written the same again, whatever was done to the graft.</summary>
public sealed class CanonicalTests
{
    private static readonly Graft[] Demos = [
        .. Directory.EnumerateFiles(House.Root.Folder("demo"), "*.json").Order().Select(file => GraftFile.Read(File.ReadAllBytes(file)).Graft!)];

    [Fact]
    public void Emptied_lists_and_unmeasured_places_are_written_as_nothing()
    {
        var graft = Graft.Empty("test") with
        {
            Seating = new Seating { Boxes = [] },
            Budget = new Money(12.50m),
            WallReadings = [new WallReading("full", default, WallWork.Peak, new Watts(9)) { Without = [] }],
        };
        var text = Written(graft);
        Assert.DoesNotContain("seating", text);
        Assert.DoesNotContain("without", text);
        Assert.Contains("\"budget\": 12.5\n", text.Replace(",\n", "\n", StringComparison.Ordinal));
        Assert.Equal(text, Written(GraftFile.Read(Encoding.UTF8.GetBytes(text)).Graft!));
        Assert.Equal(graft with { Budget = new Money(12.5m) }, GraftFile.Read(Encoding.UTF8.GetBytes(text)).Graft);
    }

    [Fact]
    public void What_can_be_read_back_is_written_the_same_and_is_the_same()
        => Gen.Select(Gen.Int[0, Demos.Length - 1].Select(index => Demos[index]), Gen.Int.Array[1, 4]).Hold((demo, seeds) =>
        {
            var graft = seeds.Aggregate(demo, (shaken, seed) => (Graft)Shake(shaken, new Random(seed)));
            var text = Written(graft);
            if (GraftFile.Read(Encoding.UTF8.GetBytes(text)).Graft is not { } back) return;
            Assert.Equal(text, Written(back));
            // Lists are values, so a graft equals its twin read from its file, down to the last contact.
            Assert.Equal(back, GraftFile.Read(Encoding.UTF8.GetBytes(text)).Graft);
            Assert.Equal(back.GetHashCode(), GraftFile.Read(Encoding.UTF8.GetBytes(text)).Graft!.GetHashCode());
        }, iter: 300);

    private static string Written(Graft graft) => Encoding.UTF8.GetString(GraftFile.Write(graft));

    /// <summary>The same thing with one fact somewhere inside it changed, to something a form or a program might well put there.</summary>
    private static object Shake(object value, Random random)
    {
        var members = value.GetType().GetProperties().Where(member => member.SetMethod is { IsPublic: true } && member.GetIndexParameters().Length == 0)
            .ToArray();
        if (members.Length == 0) return value;
        var member = members[random.Next(members.Length)];
        var copy = Copy(value);
        member.SetValue(copy, Shaken(member.GetValue(value), member.PropertyType, random));
        return copy;
    }

    private static object? Shaken(object? value, Type type, Random random) => value switch
    {
        _ when type.IsValueType && Nullable.GetUnderlyingType(type) is not null && random.Next(3) == 0 => null,
        double figure => random.Next(4) switch { 0 => -0.0, 1 => figure + 0.1, 2 => figure / 3, _ => 0.0 },
        int count => random.Next(2) == 0 ? count : count + 1,
        bool flag => !flag,
        decimal amount => random.Next(2) == 0 ? amount : decimal.Truncate(amount) + 0.50m,
        Enum choice => Enum.GetValues(choice.GetType()) is var choices ? choices.GetValue(random.Next(choices.Length)) : null,
        string text => random.Next(3) == 0 ? text + " é" : text,
        ConnectorType or SignalFamily or UnknownMembers => value,
        IEnumerable list when type.IsGenericType && type.GetGenericTypeDefinition() == typeof(ValueList<>) => List(type, [.. list.Cast<object>()], random),
        null => null,
        _ => Shake(value, random),
    };

    private static object List(Type type, List<object> items, Random random)
    {
        if (items.Count > 0)
        {
            var at = random.Next(items.Count);
            switch (random.Next(5))
            {
                case 0: items.Clear(); break;
                case 1: items.RemoveAt(at); break;
                default: items[at] = Shaken(items[at], items[at].GetType(), random)!; break;
            }
        }

        var of = type.GetGenericArguments()[0];
        var array = Array.CreateInstance(of, items.Count);
        for (var index = 0; index < items.Count; index++) array.SetValue(items[index], index);
        return typeof(ValueList).GetMethod(nameof(ValueList.ToValueList))!.MakeGenericMethod(of).Invoke(null, [array])!;
    }

    private static object Copy(object value)
        => typeof(object).GetMethod("MemberwiseClone", BindingFlags.Instance | BindingFlags.NonPublic)!.Invoke(value, null)!;
}
