using LooseGraft.Core.Files;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Tests.Findings;

public class SubjectTests
{
    private static readonly Type[] Kinds = [.. typeof(Subject).Assembly.GetTypes().Where(type => type.IsSubclassOf(typeof(Subject)) && !type.IsAbstract)];

    public static TheoryData<string> Names => [.. Kinds.Select(kind => kind.Name)];

    [Theory]
    [MemberData(nameof(Names))]
    public void The_text_of_every_kind_is_read_back_to_the_same_subject(string name)
    {
        var subject = Sample(Kinds.Single(kind => kind.Name == name), "a b+1.5");
        Assert.Equal(subject, SubjectText.Read(subject.Text));
        Assert.Equal(subject.Text, subject.ToString());
    }

    [Fact]
    public void No_two_kinds_share_a_text() => Assert.Equal(Kinds.Length, Kinds.Select(kind => Sample(kind, "same").Text).Distinct().Count());

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("parts/a")]
    [InlineData("/parts")]
    [InlineData("/parts/a/ports/b/pins/five")]
    [InlineData("/parts/a/ports/b/pins/05")]
    [InlineData("/parts/a/ports/b/pins/-5")]
    [InlineData("/parts/a/ports/b/pins/99999999999")]
    [InlineData("/old-case/nothing-it-did")]
    [InlineData("/joints/a/b")]
    public void What_is_the_text_of_no_subject_is_none(string? text) => Assert.Null(SubjectText.Read(text));

    [Theory]
    [InlineData("/parts/kt31/ports/panel/pins/5", typeof(PinSubject))]
    [InlineData("/supplies/psu/rails/+12 V", typeof(RailSubject))]
    [InlineData("/old-case/lid-switch", typeof(NeedSubject))]
    public void The_texts_that_files_and_addresses_hold_stay_what_they_were(string text, Type kind)
    {
        var subject = SubjectText.Read(text);
        Assert.IsType(kind, subject);
        Assert.Equal(text, subject!.Text);
    }

    [Fact]
    public void Every_finding_and_fact_of_the_demos_speaks_of_something_that_its_text_brings_back()
    {
        var reviews = Directory.EnumerateFiles(House.Root.Folder("demo"), "*.json").Select(file => Review.Of(GraftFile.Read(File.ReadAllBytes(file)).Graft!))
            .ToList();
        var subjects = reviews.SelectMany(
            review => review.Findings.Select(finding => finding.Subject).Concat(review.Prove.Unproven.Select(fact => fact.Subject))).ToList();
        Assert.True(subjects.Select(subject => subject.GetType()).Distinct().Count() > 8);
        Assert.All(subjects, subject => Assert.Equal(subject, SubjectText.Read(subject.Text)));
    }

    private static Subject Sample(Type kind, string text)
        => (Subject)Activator.CreateInstance(
            kind, [.. kind.GetConstructors().Single().GetParameters().Select(parameter => Value(parameter.ParameterType, text))])!;

    private static object Value(Type type, string text)
        => type == typeof(string) ? text : type == typeof(int) ? 7 : type == typeof(PortId) ? new PortId(text, "port") : type == typeof(CaseDuty)
            ? Enum.GetValues<CaseDuty>()[1] : throw new NotSupportedException(type.Name);
}
