namespace LooseGraft.Trial;

/// <summary>What nobody should type, and somebody does.</summary>
public static class Absurd
{
    private static readonly string[] Values =
    [
        "", " ", "0", "-1", "-0", "1e309", "NaN", "Infinity", "2147483648", "99999999999999999999", "1,5", "0x1F", "12 V", "+12 V", "gnd", "true", "null", "2026-02-30",
        "<script>alert(1)</script>", "'; DROP TABLE Graft; --", "=1+1", "../../etc/passwd", "a\0b", "\u202e\ufeff", "🔌", "\ud800", "1\n2\r\n3\t4", new('x', 5000), new('9', 400),
        string.Join(';', Enumerable.Repeat("board,main", 500)),
    ];

    public static string Value(Random random) => Values[random.Next(Values.Length)];

    /// <summary>Bytes with some of them changed, left out, doubled, or put in from elsewhere.</summary>
    public static byte[] Mutated(byte[] whole, Random random)
    {
        var bytes = new List<byte>(whole);
        for (var turn = random.Next(1, 3); turn > 0; turn--)
        {
            var (at, length) = (random.Next(bytes.Count), random.Next(1, 40));
            length = Math.Min(length, bytes.Count - at);
            switch (random.Next(12))
            {
                case 0:
                    bytes[at] = (byte)random.Next(256);
                    break;
                case 1:
                    bytes.RemoveRange(at, length);
                    break;
                case 2:
                    bytes.InsertRange(at, bytes.GetRange(at, length));
                    break;
                case 3:
                    bytes.InsertRange(at, System.Text.Encoding.UTF8.GetBytes(Value(random)));
                    break;
                case 4:
                    bytes.InsertRange(at, bytes.GetRange(random.Next(bytes.Count - length + 1), length));
                    break;
                default:
                    // A figure for another, which leaves a file readable more often than not.
                    for (var digit = at; digit < bytes.Count; digit++)
                    {
                        if (bytes[digit] is < (byte)'0' or > (byte)'9') continue;
                        bytes[digit] = (byte)('0' + random.Next(10));
                        break;
                    }

                    break;
            }

            if (bytes.Count == 0) bytes.Add(0);
        }

        return [.. bytes];
    }
}
