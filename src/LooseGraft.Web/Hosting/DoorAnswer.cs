namespace LooseGraft.Web.Hosting;

/// <summary>What came of a try at the door.</summary>
/// <param name="IsOpen">Whether the passphrase was right.</param>
/// <param name="IsHeard">Whether it was looked at, or came too shortly after a wrong one.</param>
/// <param name="Wrong">Wrong tries in a row from the same address, this one among them.</param>
/// <param name="Wait">How long nothing more is heard from there.</param>
public readonly record struct DoorAnswer(bool IsOpen, bool IsHeard, int Wrong, TimeSpan Wait);
