using LooseGraft.Core.Feed;
using static LooseGraft.Core.Tests.Bench;
using static LooseGraft.Core.Tests.Feed.FeedGrafts;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What stands at a place: its contacts and wires with their currents.</summary>
public sealed class PlaceContactsTests
{
    [Fact]
    public void Two_wires_share_what_passes_and_the_worst_of_them_takes_two_thirds()
    {
        var wires = At(BehindAdapter(12), "+12 V in the wires of adapter at in")!;
        Assert.Equal((true, 7, 8), (wires.AreWires, wires.Each!.Value.Value, Math.Round(wires.Most!.Value.Value, 9)));
        Assert.Equal([("adapter/in/1", 1, 6), ("adapter/in/2", 1, 6)],
            wires.Contacts.Select(each => (each.Contact!.Id.ToString(), each.Count, Math.Round(each.Current.High.Value, 9))));
    }

    [Fact]
    public void The_way_back_is_by_the_contacts_of_ground()
    {
        var contacts = At(BehindAdapter(12), "ground at plug of supply")!;
        Assert.Equal([("supply/plug/3", 6), ("supply/plug/4", 6)],
            contacts.Contacts.Select(each => (each.Contact!.Id.ToString(), Math.Round(each.Current.High.Value, 9))));
        Assert.Equal((false, 6.0), (contacts.AreWires, contacts.Each!.Value.Value));
    }

    [Theory]
    [InlineData(6, "+12 V at first of supply", 1, false)]
    [InlineData(6, "+12 V at second of supply", 2, true)]
    [InlineData(0.6, "+12 V at second of supply", 2, true)]
    public void One_contact_by_itself_has_no_neighbour_to_differ_from(double amps, string name, int count, bool differs)
    {
        var contacts = At(TwoPlugs(amps), name)!;
        Assert.Equal((count, differs), (contacts.Contacts.Length, contacts.Most is not null));
    }

    [Fact]
    public void What_nobody_described_stands_together()
    {
        var graft = Fed(SmallSupply() with
        {
            Leads = [new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", Facts.ConnectorTypes.Find("drive-power-15")!)] }],
        }, Draw("+5 V", 3));
        var contacts = At(graft with { Loads = [graft.Loads[0].At("s/a")] }, "+5 V at a of string")!;
        var only = Assert.Single(contacts.Contacts);
        Assert.Equal((null, 3, 3.0), (only.Contact, only.Count, only.Current.High.Value));
    }

    [Fact]
    public void A_rail_has_no_contacts() => Assert.Null(At(BehindAdapter(12), "+12 V"));

    private static PlaceContacts? At(Graft graft, string name)
    {
        var feed = Review.Of(graft).Feed;
        return PlaceContacts.At(feed, feed.Supplies[0].Limits.Single(limit => limit.Name == name), LoadCase.Peak);
    }
}
