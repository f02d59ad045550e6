using LooseGraft.Core.Buy.Choices.Search;

namespace LooseGraft.Bench;

/// <summary>Choices as a builder's are: adapters in trade, leads made by hand that share terminals, tube and tools, soldering that shares an iron.</summary>
internal static class GeneratedChoice
{
    private const int Shared = 10;
    private const long Unit = ChoiceProblem.Unit;

    /// <summary>So many joints and other needs, offered by so many packs of eight sellers.</summary>
    public static ChoiceProblem Of(int joints, int fixedNeeds, int offers, int seed)
    {
        var random = new Random(seed);
        var needs = Shared + joints + fixedNeeds;
        var ways = Enumerable.Range(0, joints).Select(joint =>
        {
            var (wires, pitch) = (random.Next(2, 12), random.Next(3));
            var header = random.Next(Math.Max(1, joints / 2));
            ChoiceAsk[] lead = [new(pitch, wires * Unit), new(3 + pitch, Unit, header), new(6, wires * 40_000), new(7, Unit, -1)];
            return System.Collections.Immutable.ImmutableArray.Create(
                new ChoiceWay(0, 1, [new(Shared + joint, Unit)]),
                new ChoiceWay(random.Next(1, 3), 4 + (wires / 2), [.. lead]),
                new ChoiceWay(wires, 3 + wires, [new(8, Unit, -1), new(9, wires * 2_000), new(6, wires * 40_000)]));
        });
        var sellers = Enumerable.Range(0, 8).Select(seller => new ChoiceSeller(random.Next(20, 70) * 100_000L,
            seller % 3 == 0 ? random.Next(20, 60) * Unit : null, random.Next(2, 8) * (seller % 4 == 0 ? 5 : 1)));
        var packs = Enumerable.Range(0, offers).Select(offer =>
        {
            // Something is offered of everything before anything is offered twice.
            var need = offer < needs ? offer : random.Next(needs);
            var price = need < Shared ? random.Next(80, 400) * 10_000L : random.Next(300, 2000) * 10_000L;
            var count = need switch { < 3 => random.Next(1, 4) * 25, < 6 => random.Next(1, 3) * 5, 6 => 5, 7 or 8 => 1, 9 => 1, _ => 1 };
            return new ChoicePack(random.Next(8), price, price, need < Shared ? 20 : random.Next(1, 3), [new(count, [need])]);
        });
        var given = Enumerable.Range(Shared + joints, fixedNeeds).Select(need => new ChoiceAsk(need, Unit));
        return new ChoiceProblem(needs, [.. given], [.. ways], [.. sellers], [.. packs]);
    }
}
