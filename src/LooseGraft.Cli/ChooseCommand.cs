using System.CommandLine;
using System.Globalization;
using System.Text;
using LooseGraft.Core;
using LooseGraft.Core.Buy.Choices;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Cli;

/// <summary>The command that says what could be bought for a whole graft.</summary>
internal static class ChooseCommand
{
    private const string Believed = ": that it fits is only somebody's word, prove it before it meets anything";

    public static Command Make()
    {
        var file = Commands.FileArgument();
        var command = new Command("choose",
            "Weighs the ways of every open joint and the offers for everything needed together, and prints four choices that nothing beats. Exit 2: unreadable.") { file };
        command.SetAction((call, cancellation) => Task.FromResult(Choose(call.GetRequiredValue(file), call.InvocationConfiguration, cancellation)));
        return command;
    }

    private static int Choose(string path, InvocationConfiguration to, CancellationToken cancellation)
    {
        var result = Commands.Read(path);
        if (result.Graft is not { } graft)
        {
            Commands.Complain(result, to.Error);
            return Commands.Unreadable;
        }

        var review = Review.Of(graft);
        to.Output.Write(Text(review.Graft, GraftChoice.Of(review.Graft, review, new ReviewWork(cancellation))));
        return Commands.Fine;
    }

    private static string Text(Graft graft, GraftChoice choice)
    {
        var text = new StringBuilder();
        text.AppendLine(CultureInfo.InvariantCulture,
            $"{choice.OpenJoints.Counted("joint")} could be made in several ways; {choice.Sets.Length.Counted("choice")} that nothing beats.");
        if (choice.OtherSellers > 0) text.AppendLine($"Only eight sellers are weighed; {choice.OtherSellers.Counted("other")} had less of what is needed.");
        if (choice.Gap.Amount > 0) text.AppendLine($"Not everything could be weighed: each of these may be up to {choice.Gap.In(graft.Currency)} too dear.");
        else if (!choice.IsWhole) text.AppendLine("These four are what they are called; between them choices may be missing, for there is too much to weigh.");
        foreach (var (name, set) in choice.Ends) Append(text.AppendLine(), graft, name, set);
        return text.ToString();
    }

    private static void Append(StringBuilder text, Graft graft, string name, ChosenSet set)
    {
        var days = set.Days is { } known ? known == 0 ? "nothing to wait for" : $"last parcel in {known.Counted("day")}" : "nobody says when the last parcel comes";
        text.AppendLine($"{name}: {set.Total.In(graft.Currency)} with {set.Postage.In(graft.Currency)} postage · {days} · "
            + $"{(set.Acts == 0 ? "nothing for good" : $"{set.Acts.Counted("act")} for good")} · about {set.Minutes} minutes");
        foreach (var way in set.Ways)
            text.AppendLine($"  {WareWords.Of(way.Review.Joint, graft)}: {way.Words}{(way.IsAsDecided ? " (as decided)" : "")}");
        foreach (var sack in set.Sacks)
        {
            text.AppendLine($"  {sack.Seller.Name}, {sack.Total.In(sack.Seller.Currency)}:");
            foreach (var line in sack.Lines) text.AppendLine($"    {line.Packs} × {line.Offer.What}{(ChosenSet.IsBelieved(line.Offer) ? Believed : "")}");
        }

        foreach (var pick in set.FromBin) text.AppendLine($"  from the bin: {pick.Count} of {pick.Thing.Name} for {pick.Need.Words}");
        foreach (var need in set.Missing) text.AppendLine($"  nobody offers: {need.Words}");
        foreach (var act in set.Irreversible) text.AppendLine($"  for good: {act}");
    }
}
