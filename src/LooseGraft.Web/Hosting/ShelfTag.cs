using LooseGraft.Core.Feed;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Hosting;

/// <summary>What the shelf tells of a graft.</summary>
public sealed record ShelfTag(
    int Id, string Name, string Donor, string Shell, int Stops, Throughput? LeastLeft, Money? ToSpend, string Currency, int Unproven, string NextCut,
    string NextCutAt);
