using LooseGraft.Trial.Attacks;

namespace LooseGraft.Trial;

public static class AttackList
{
    public static IReadOnlyList<Attack> All { get; } =
    [
        new KilledStarts(),
        new KilledWrites(),
        new StoppedFiles(),
        new FullDisk(),
        new TwoServers(),
        new ManyBuilders(),
        new MutatedFiles(),
        new LargePhotos(),
        new MutatedPhotos(),
        new GuessedPassphrases(),
        new ManyRequests(),
    ];
}
