using System.Collections.Immutable;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Drawing;

/// <summary>One node of the feed tree as it is drawn.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Power">What runs through it in the load case drawn.</param>
/// <param name="Subject">What it stands for.</param>
/// <param name="Limit">The limit that lies at it, the tightest where there are several; null where none is known.</param>
/// <param name="Children">What hangs on it.</param>
public sealed record TreeNode(TreeNodeKind Kind, string Name, Spread<Watts> Power, Subject Subject, FeedLimit? Limit, ImmutableArray<TreeNode> Children)
{
    /// <summary>Rows that the node and all that hangs on it take: one for each end.</summary>
    public int Rows => Children.IsEmpty ? 1 : Children.Sum(child => child.Rows);
}
