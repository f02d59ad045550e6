using LooseGraft.Core.Stock.Edits;

namespace LooseGraft.Core.Tests.Stock;

public class DescribeGraftTests
{
    private static readonly Model.Graft Demo = EditSamples.Demos.Select(demo => demo.Graft).First(graft => graft.Budget is not null);
    private static readonly DescribeGraft Same = new(Demo.Name, Demo.Donor.Name, Demo.Shell.Name, Demo.Budget, Demo.Currency, Demo.Aim);

    public static TheoryData<DescribeGraft, string> Changes => new()
    {
        { Same with { Name = "The dance hall" }, "About the graft: called The dance hall" },
        { Same with { DonorName = "Ovrell 2" }, "About the graft: out of Ovrell 2" },
        { Same with { ShellName = "Tin box" }, "About the graft: into Tin box" },
        { Same with { Budget = new Money(12.5m) }, "About the graft: at most 12.50 " + Demo.Currency },
        { Same with { Budget = null }, "About the graft: no budget, in " + Demo.Currency },
        { Same with { Aim = "Dancing" }, "About the graft: what it shall be good for" },
        { Same with { ShellName = "Tin box", DonorName = "Ovrell 2" }, "About the graft: out of Ovrell 2, into Tin box" },
        { Same, "About the graft: as it was" },
    };

    [Theory]
    [MemberData(nameof(Changes))]
    public void Its_words_tell_what_is_new_and_nothing_else(DescribeGraft edit, string words) => Assert.Equal(words, edit.Words(Demo));
}
