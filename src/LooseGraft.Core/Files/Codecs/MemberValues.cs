using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>The values of an object's members while it is being read.</summary>
internal sealed class MemberValues(int count)
{
    private readonly object?[] _values = new object?[count];
    private readonly bool[] _isSet = new bool[count];

    public UnknownMembers Unknown { get; set; } = UnknownMembers.None;

    public bool IsSet(int index) => _isSet[index];

    public void Set(int index, object? value) => (_values[index], _isSet[index]) = (value, true);

    public TValue Of<TOwner, TValue>(Member<TOwner, TValue> member) => (TValue)_values[member.Index]!;
}
