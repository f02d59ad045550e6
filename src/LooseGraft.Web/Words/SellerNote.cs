using System.Text;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Model;

namespace LooseGraft.Web.Words;

/// <summary>A note to paste into a message to a seller: what, how many, and what has to be asked about the fit.</summary>
public static class SellerNote
{
    /// <summary>The note for a sack.</summary>
    public static string Of(Sack sack)
    {
        var note = new StringBuilder("Hello,\nI would like to buy:\n");
        foreach (var line in sack.Lines) note.Append($"- {line.Packs.Counted("pack")} of {line.Offer.What}, {line.Offer.Price.In(sack.Seller.Currency)} each\n");
        var unproven = sack.Lines.Where(line => line.Believed.Any()).ToArray();
        foreach (var line in unproven)
            note.Append($"Before I buy {line.Offer.What}: which contact of it carries what at each end, and which revision is it for? A photograph of both ends would do.\n");
        if (sack.Seller.TakesBack is null) note.Append(unproven.Length > 0 ? "May it come back if it does not fit, and who pays for that?\n" : "Do you take back what does not fit?\n");
        if (sack.Seller.Postage is null) note.Append("What do you ask for sending it?\n");
        if (sack.Seller.Days is null) note.Append("How many days does the parcel take?\n");
        return note.Append("Thank you.").ToString();
    }
}
