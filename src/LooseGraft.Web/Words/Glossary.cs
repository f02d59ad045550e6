using LooseGraft.Core.Facts;

namespace LooseGraft.Web.Words;

/// <summary>The plain meaning of the words that builders meet with dread.</summary>
public static class Glossary
{
    /// <summary>The words of the work; signals have theirs in the facts.</summary>
    public static readonly IReadOnlyDictionary<string, string> Words = new Dictionary<string, string>
    {
        ["donor"] = "The machine a board comes from, with all its old case silently did for it.",
        ["shell"] = "What receives the board: a standard case, or anything repurposed.",
        ["base"] = "What a board is mounted on: a tray, a floor, a wall of the shell.",
        ["joint"] = "One decision: this port meets that port by some method, or is left off.",
        ["pitch"] = "The distance from the centre of one contact to the next.",
        ["mating face"] = "The side of a connector that meets its other half.",
        ["wire side"] = "The side where the wires go in, or the solder is. It shows the mating face mirrored.",
        ["rail"] = "One output of a supply, such as +12 V.",
        ["peak"] = "The most a part draws for minutes on end.",
        ["low, likely, high"] = "The least it can plausibly be, the best single guess, and the most.",
        ["splice"] = "Cut a lead and join it to another.",
        ["re-pin"] = "Pull terminals from a housing and push them in elsewhere.",
        ["bridge"] = "A link soldered on the board.",
        ["evidence"] = "Where a fact comes from: measured, maker's document, label, someone's diagram, or assumed. The last two prove nothing.",
        ["prove it first"] = "Right if a fact is as believed; something would be destroyed if it is not.",
        ["tightest limit"] = "The rail, or limit that rails share, with the least left at peak for its size.",
        ["known donor"] = "A board that was described once and is kept for the next time its model comes round.",
        ["bin"] = "What you already own, across all grafts.",
        ["proof of life"] = "The bare board run on the bench before anything is cut, until it gives a picture or an answer.",
        ["confirms, contradicts, leaves open"] = "What a reading says of a fact: it fits and nothing harmful would show the same; it cannot be so; or something else would show the same.",
        ["continuity"] = "The mode in which a meter beeps when its two probes are joined. Only with power off.",
        ["diode test"] = "The mode in which a meter shows the voltage at which a light conducts. Only with power off.",
        ["ol"] = "What a meter shows beyond its range: open, as far as it can tell.",
        ["momentary"] = "A switch that is closed, or open, only while it is pressed.",
        ["latching"] = "A switch that stays as it was pushed until it is pushed again.",
        ["standby"] = "A supply that stays on while the machine is off.",
    };

    /// <summary>The meaning of a word or a signal; null when it needs none.</summary>
    public static string? Of(string word) => Words.TryGetValue(word, out var meaning) ? meaning : SignalVocabulary.Standard.Find(word)?.Gloss;
}
