using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>What a ware is called by a builder.</summary>
public static class WareWords
{
    /// <summary>What is asked for, with what it has to keep to.</summary>
    public static string Needed(Ware ware, Graft? graft = null) => ware switch
    {
        { Kind: WareKind.Fuse, Amps: { } most } => FormattableString.Invariant($"inline fuse with its holder, at most {most.Value:0.##} A"),
        { Kind: WareKind.Fuse } => "inline fuse with its holder, no more than the thinnest wire bears",
        _ => Of(ware, graft),
    };

    /// <summary>Its name; of what is for one thing of a graft, with the name of that.</summary>
    public static string Of(Ware ware, Graft? graft = null) => ware.Kind switch
    {
        WareKind.Part => ware.Template?.Name ?? ware.Word,
        WareKind.ForPart => graft?.NameOf(ware.Word) ?? ware.Word,
        WareKind.ForJoint => graft?.Joints.FirstOrDefault(joint => joint.Id == ware.Word) is { } joint
            ? $"go-between for {Of(joint, graft)}" : $"go-between for the joint {ware.Word}",
        WareKind.Extension => $"extension for {ConnectorTypes.Find(ware.Word)?.Name ?? ware.Word}{ware.ToString()[$"extension {ware.Word}".Length..]}",
        WareKind.Tool or WareKind.Other => ware.Word,
        _ => ware.ToString(),
    };

    /// <summary>What meets at a joint.</summary>
    public static string Of(Joint joint, Graft graft) => $"{graft.NameOf(joint.To)} on {graft.NameOf(joint.From)}";
}
