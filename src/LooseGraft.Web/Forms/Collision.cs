using LooseGraft.Core.Files.Meetings;

namespace LooseGraft.Web.Forms;

/// <summary>A change that was made upon an older state than the present one.</summary>
/// <param name="Yours">How the thing would stand by the change.</param>
/// <param name="Theirs">How it stands now.</param>
/// <param name="Clashes">The fields that both want, where they can be told.</param>
/// <param name="CameIn">What was done meanwhile, where it is known.</param>
/// <param name="Fields">The form as it was sent, to send again.</param>
/// <param name="Action">Where to send it.</param>
public sealed record Collision(
    string Yours, string Theirs, IReadOnlyList<Clash> Clashes, IReadOnlyList<string> CameIn, IReadOnlyList<KeyValuePair<string, string>> Fields, string Action);
