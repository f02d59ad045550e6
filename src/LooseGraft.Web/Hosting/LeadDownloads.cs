using System.Text;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Drawing;
using LooseGraft.Core.Wire.Leads;
using LooseGraft.Data;
using LooseGraft.Data.Tables;
using LooseGraft.Web.Drawing;

namespace LooseGraft.Web.Hosting;

/// <summary>Sends a lead as a table, as plain text, or as its drawing.</summary>
public static class LeadDownloads
{
    /// <summary>The lead of a joint in the form asked for: <c>csv</c>, <c>txt</c> or <c>svg</c>.</summary>
    public static async Task<IResult> SendAsync(int id, string joint, string form, GraftStore store, ReviewDesk reviews, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } found) return Results.NotFound();
        var whole = await reviews.OfAsync(found, cancellation);
        if (whole.Wire.Find(joint) is not { } review || !MadeLead.IsMade(review.Joint)) return Results.NotFound();
        var lead = MadeLead.Of(whole.Graft, review);
        var name = GraftEdits.FreshId($"{found.Graft.Name} {joint}", []);
        return form switch
        {
            "csv" => Results.File(Csv(lead), "text/csv; charset=utf-8", name + ".csv"),
            "txt" => Results.File(Encoding.UTF8.GetBytes(Text(lead)), "text/plain; charset=utf-8", name + ".txt"),
            "svg" => Results.File(Encoding.UTF8.GetBytes(LeadSvg.Of(Picture(review))), "image/svg+xml", name + ".svg"),
            _ => Results.NotFound(),
        };
    }

    private static JointPicture Picture(JointReview review)
        => JointPicture.Of(
            review, review.Decided.Where(contact => contact.Judgement.Outcome != ContactOutcome.Idle), ConnectorView.MatingFace, ConnectorView.WireSide);

    private static byte[] Csv(MadeLead lead)
        => CsvSheet.Of(
            [
                ["from", "to", "signal", "colour", "amps", "awg", "drop V", "at from", "at to"],
                .. lead.Rows.Select(row => new object?[]
                {
                    row.From, row.To, row.Signal.Name, row.Colour, row.Current.Value, row.Gauge?.Awg, row.Drop?.Value, row.FromWork, row.ToWork,
                }),
                [],
                ["probe", "probe", "must", "read"],
                .. lead.Sheet.Select(line => new object?[]
                {
                    line.Test.One, line.Test.Other, line.Test.MustBeep ? "beep" : "silent",
                    line.Result is null ? "" : line.Result.Beeped ? "beep" : "no beep",
                }),
            ]);

    private static string Text(MadeLead lead)
    {
        var (from, to) = (lead.Review.From.Port.Name, lead.Review.To.Port.Name);
        var text = new StringBuilder($"Lead from {from} to {to}\n\n");
        foreach (var row in lead.Rows)
            text.Append($"{row.From,4} -> {row.To,-4} {row.Signal.Name,-18} {row.Colour,-8} {(row.Gauge is { } gauge ? $"{gauge.Awg} AWG" : "no wire bears it"),-18} {row.FromWork}; {row.ToWork}\n");
        text.Append("\nMeter sheet: lead unplugged at both ends, meter on continuity\n\n");
        foreach (var (index, line) in lead.Sheet.Index())
            text.Append($"[ ] {index + 1,3}. {Words(line.Test.One)} and {Words(line.Test.Other)}: {(line.Test.MustBeep ? "must beep" : "must stay silent")}\n");
        if (!lead.FirstPower.IsEmpty) text.Append($"\nAt first power, at the open end ({to}), against the lead's own ground\n\n");
        foreach (var volts in lead.FirstPower)
            text.Append($"[ ] position {volts.Position}: {volts.Nominal}, from {volts.Low} to {volts.High}{(volts.IsStandby ? ", machine off" : "")}\n");
        return text.ToString();

        string Words(LeadEnd end) => $"{(end.IsFrom ? from : to)} {end.Position}";
    }
}
