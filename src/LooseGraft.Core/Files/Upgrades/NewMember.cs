using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>A member of an object on its way into the next version.</summary>
/// <param name="Name">Its name there.</param>
/// <param name="Value">Its value, copied as it stands.</param>
/// <param name="Members">What it is put together from, in place of a value; null where it is copied.</param>
internal readonly record struct NewMember(string Name, JsonElement Value, IReadOnlyList<NewMember>? Members = null);
