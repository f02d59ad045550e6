using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy;

/// <summary>The graft costs more than may be spent, in its currency.</summary>
/// <param name="Spent">What it costs.</param>
/// <param name="Over">By how much too much.</param>
public sealed record OverBudget(Money Spent, Money Over) : FindingCase;

/// <summary>Needs that nothing is chosen for.</summary>
/// <param name="Open">How many.</param>
/// <param name="First">The key of the first.</param>
public sealed record NeedsOpen(int Open, string First) : FindingCase;

/// <summary>An offer that was seen long ago.</summary>
/// <param name="Offer">The offer.</param>
/// <param name="Days">How many days ago.</param>
public sealed record OfferIsOld(string Offer, int Days) : FindingCase;

/// <summary>A currency of which nobody said what it is worth.</summary>
/// <param name="Seller">The seller that asks in it.</param>
/// <param name="Currency">The currency.</param>
public sealed record RateMissing(string Seller, string Currency) : FindingCase;

/// <summary>Something bought that fits nothing.</summary>
/// <param name="Ware">What it is.</param>
public sealed record FitsNothing(string Ware) : FindingCase;

/// <summary>Something bought that lies in the bin.</summary>
/// <param name="Need">The key of the need.</param>
/// <param name="Entry">The bin's own short name for it.</param>
/// <param name="Free">How many are free.</param>
public sealed record LiesInBin(string Need, string Entry, int Free) : FindingCase;

/// <summary>Something whose fit is only somebody's word, from a seller who may not take it back.</summary>
/// <param name="Offer">The offer.</param>
/// <param name="Need">The key of the need.</param>
public sealed record UnprovenFit(string Offer, string Need) : FindingCase;

/// <summary>A parcel whose postage is more than what is in it, in the seller's currency.</summary>
/// <param name="Seller">The seller.</param>
/// <param name="Postage">The postage.</param>
/// <param name="Goods">The goods.</param>
public sealed record PostageOverGoods(string Seller, Money Postage, Money Goods) : FindingCase;

/// <summary>A price far from what such things cost, in euros.</summary>
/// <param name="Offer">The offer.</param>
/// <param name="Each">What one comes to.</param>
/// <param name="Low">What one costs at least.</param>
/// <param name="High">What one costs at most.</param>
public sealed record PriceBeyond(string Offer, Money Each, Money Low, Money High) : FindingCase;

/// <summary>Packs that no need asks for.</summary>
/// <param name="Offer">The offer.</param>
/// <param name="Packs">How many packs could stay behind.</param>
public sealed record PacksOver(string Offer, int Packs) : FindingCase;

/// <summary>A parcel that may come too late.</summary>
/// <param name="Seller">The seller.</param>
/// <param name="Days">How many days too late at worst; null where nobody knows how long it takes.</param>
public sealed record ParcelLate(string Seller, int? Days) : FindingCase;

/// <summary>More packs than the seller has.</summary>
/// <param name="Offer">The offer.</param>
/// <param name="Packs">How many are chosen.</param>
/// <param name="Stock">How many there are.</param>
public sealed record OfferSoldOut(string Offer, int Packs, int Stock) : FindingCase;

/// <summary>Something ordered that no joint asks for any more.</summary>
/// <param name="Order">The order, by the id of its record.</param>
/// <param name="What">What it is.</param>
public sealed record OrderedForNothing(string Order, string What) : FindingCase;

/// <summary>Something that was ordered and came wrong, or not at all.</summary>
/// <param name="Order">The order, by the id of its record.</param>
/// <param name="What">What it is.</param>
/// <param name="Wrong">How many packs came wrong.</param>
/// <param name="Lost">How many will not come.</param>
/// <param name="Joints">How many joints are open again.</param>
public sealed record CameWrong(string Order, string What, int Wrong, int Lost, int Joints) : FindingCase;

/// <summary>An order that should have come.</summary>
/// <param name="Order">The order, by the id of its record.</param>
/// <param name="Days">How many days ago.</param>
public sealed record OrderOverdue(string Order, int Days) : FindingCase;

/// <summary>Something that may not do, and nothing certain could be paid after it.</summary>
/// <param name="Offer">What is tried.</param>
/// <param name="LaidOut">What it and the cheapest that is certain cost together.</param>
/// <param name="Room">What the budget leaves for both.</param>
public sealed record GambleBeyondBudget(string Offer, Money LaidOut, Money Room) : FindingCase;

/// <summary>What Buy comes to, in the currency of the graft.</summary>
/// <param name="Spent">What everything costs, bought or still to buy.</param>
/// <param name="Left">What remains of the budget; null when there is none.</param>
/// <param name="Chosen">What of it the chosen offers come to, with postage and tax.</param>
/// <param name="Needs">How many things are needed.</param>
/// <param name="Open">How many of them have no source yet.</param>
public sealed record BuyFigures(Money Spent, Money? Left, Money Chosen, int Needs, int Open) : Figures;
