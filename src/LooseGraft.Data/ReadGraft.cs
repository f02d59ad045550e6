using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;

namespace LooseGraft.Data;

/// <summary>A graft that was read from a document.</summary>
/// <param name="graft">The graft.</param>
/// <param name="written">How it is written today, where that is known: a document may be of an older version.</param>
internal sealed class ReadGraft(Graft graft, string? written = null)
{
    public Graft Graft => graft;

    /// <summary>How the graft is written today.</summary>
    public string Written => field ??= written ?? Text(graft);

    public static string Text(Graft graft) => Encoding.UTF8.GetString(GraftFile.Write(graft));
}
