using LooseGraft.Core.Files;

namespace LooseGraft.Core.Tests;

/// <summary>What holds of every edit of every stage, on every demo.</summary>
public sealed class EditTests
{
    private const int Tries = 8;

    // Some edits find what they change in one try of many: few boards are seated.
    private const int MostTries = 200;
    private const int Enough = 3;

    public static TheoryData<Type> Sorts => [.. EditSamples.Sorts];

    [Theory]
    [MemberData(nameof(Sorts))]
    public void An_edit_makes_a_graft_that_is_read_back_the_same_or_is_refused_with_words(Type sort)
    {
        var kept = 0;
        foreach (var (demo, edit) in Samples(sort, MostTries).TakeWhile((_, tried) => tried < Tries * EditSamples.Demos.Count || kept < Enough))
        {
            var after = edit.Apply(demo);
            var text = GraftFile.Write(after);
            var read = GraftFile.Read(text);
            if (read.Graft is { } back)
            {
                Assert.Equal(text, GraftFile.Write(back));
                kept += after == demo ? 0 : 1;
            }
            else
            {
                Assert.NotEmpty(read.Errors);
                Assert.All(read.Errors, error => Assert.NotEmpty(error.Allowed));
            }
        }

        // The canary: on some demo the edit changes something, and what it makes is kept.
        Assert.NotEqual(0, kept);
    }

    [Theory]
    [MemberData(nameof(Sorts))]
    public void What_it_names_and_is_not_there_leaves_the_graft_as_it_is(Type sort)
    {
        var parameters = EditSamples.Parameters(sort);
        foreach (var (demo, edit) in Samples(sort))
        {
            var arguments = EditSamples.Arguments(edit);
            foreach (var (index, parameter) in parameters.Index())
            {
                object?[] gone = EditSamples.IsName(parameter)
                    ? [parameter.ParameterType == typeof(PortId) ? new PortId(EditSamples.Nowhere, "p") : EditSamples.Nowhere] : parameter.Name == "Index"
                    ? [-1, 10_000] : [];
                foreach (var other in gone)
                    Assert.Equal(demo, EditSamples.Make(sort, arguments.Select((argument, at) => at == index ? other : argument)).Apply(demo));
            }
        }
    }

    [Theory]
    [MemberData(nameof(Sorts))]
    public void Its_words_say_what_it_changes_and_how_that_stands(Type sort)
    {
        foreach (var (demo, edit) in Samples(sort))
        {
            var words = edit.Words(demo);
            Assert.NotEmpty(edit.Standing(demo));
            Assert.DoesNotMatch("  |\\{|\\}|LooseGraft|^ | $", words);
            var names = EditSamples.Arguments(edit).SelectMany(argument => Names(demo, argument)).Where(name => name.Length > 0).ToArray();
            Assert.True(names.Length == 0 || names.Any(name => words.Contains(name, StringComparison.Ordinal)),
                $"{words} names none of {string.Join(", ", names)}");
        }
    }

    [Fact]
    public void Every_stage_that_computes_has_its_edits()
        => Assert.Equal(
            ["Buy", "Cool", "Feed", "Prove", "Seat", "Stock", "Wire"], EditSamples.Sorts.Select(sort => sort.Namespace!.Split('.')[2]).Distinct().Order());

    private static IEnumerable<(Graft Demo, GraftEdit Edit)> Samples(Type sort, int tries = Tries)
        => from seed in Enumerable.Range(1, tries) from demo in EditSamples.Demos select (demo.Graft, demo.Edits.Make(sort, seed));

    private static IEnumerable<string> Names(Graft graft, object? argument) => argument switch
    {
        string text
            => [text, graft.NameOf(text), graft.NameOfSupply(text), graft.Seating.FindPlane(text)?.Name ?? "", graft.NameOfDonor(text),
            graft.NameOfSpace(text), graft.NameOfWay(text), graft.Buying.FindSeller(text)?.Name ?? "", graft.Buying.FindOffer(text)?.What ?? "",
            .. graft.Buying.FromBin.Where(take => take.Claim.Entry == text).Select(take => take.Name),
            .. graft.Buying.OwnNeeds.Where(own => own.Id == text).Select(own => own.Ware.ToString()),
            .. graft.Buying.Worth.LeftOvers.Where(left => left.Id == text).Select(left => left.Name),
            .. graft.Buying.Worth.OtherWays.Where(way => way.Id == text).Select(way => way.Name),
            .. graft.Seating.Planes.SelectMany(plane => plane.Openings).Where(opening => opening.Id == text).Select(opening => opening.Name),
            .. graft.Readings.Where(reading => reading.Id == text).Select(reading => reading.Text),
            .. graft.WallReadings.Where(reading => reading.Id == text).Select(reading => reading.Mean.ToString()),
            .. graft.Cooling.Readings.Where(reading => reading.Id == text).Select(reading => reading.Hot.ToString())],
        PortId port => [port.Port, graft.NameOf(port)],
        Photo photo => [graft.NameOf(photo.Part)],
        Reading reading => [reading.Port.Port],
        WallReading reading => [reading.Mean.ToString()],
        PhotoMark mark => [$"{mark.Position}"],
        KnownDonor donor => [donor.Model],
        _ when argument?.GetType().GetProperty("Name") is { } name => [$"{name.GetValue(argument)}"],
        _ => [],
    };
}
