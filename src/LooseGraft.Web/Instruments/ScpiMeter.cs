using System.Globalization;
using System.Net.Sockets;
using System.Text;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove.Meters;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Instruments;

/// <summary>A networked meter that speaks the plain SCPI text protocol over TCP: one line asks, one line answers.</summary>
/// <remarks>
/// A connection is made for each reading, so that nothing stays open between two looks at the bench; one that was dropped is made once more. Waiting and the
/// length of an answer are bounded; whatever a meter sends is either a figure or told in words.
/// </remarks>
public sealed class ScpiMeter(string name, string host, int port, MeterReach reach) : IMeter, IWallMeter
{
    /// <summary>Bytes of the longest answer that is read.</summary>
    public const int LongestAnswer = 256;

    // What SCPI meters send for "beyond the range" (SCPI-99, 9.9E37).
    private const double Overload = 9.9e37;

    private const int Tries = 2;

    /// <summary>How long to wait for a connection.</summary>
    public TimeSpan ConnectPatience { get; init; } = TimeSpan.FromSeconds(3);

    /// <summary>How long to wait for an answer; a slow range takes a second or two.</summary>
    public TimeSpan AnswerPatience { get; init; } = TimeSpan.FromSeconds(6);

    public string Name => name;

    public async Task<MeterAnswer> MeasureAsync(MeterRequest request, CancellationToken cancellation)
        => Command(request.Mode) is { } command
            ? await AskTwiceAsync(command, request.Mode is MeterMode.VoltsDc or MeterMode.Diode ? "V" : "ohm", cancellation)
            : MeterAnswer.Failed("A meter reads no lengths.");

    public async Task<WallAnswer> ReadAsync(DateTimeOffset now, CancellationToken cancellation)
    {
        var answer = await AskTwiceAsync("MEAS:POW:AC?", "W", cancellation);
        return ReadingText.TryRead(answer.Text) is { Kind: ReadingKind.Watts, Value: >= 0 and <= WallLog.MostWatts and var watts }
            ? new WallAnswer([new WallSample(now, new Watts(watts))])
            : new WallAnswer([], answer.Problem ?? $"{name} shows {answer.Text}, which is no power between 0 and {WallLog.MostWatts:0} W.");
    }

    private async Task<MeterAnswer> AskTwiceAsync(string command, string unit, CancellationToken cancellation)
    {
        var answer = MeterAnswer.Failed("");
        for (var attempt = 0; attempt < Tries; attempt++)
        {
            try
            {
                answer = await AskAsync(command, unit, cancellation);
                if (answer.Text is not null || attempt == Tries - 1) return answer;
            }
            catch (Exception exception) when (exception is SocketException or IOException)
            {
                answer = MeterAnswer.Failed($"{name} at {host}:{port} cannot be reached. Is it on, on the same network, and is the address right?");
            }
            catch (OperationCanceledException) when (!cancellation.IsCancellationRequested)
            {
                return MeterAnswer.Failed($"{name} at {host}:{port} does not answer in time.");
            }
        }

        return answer;
    }

    private async Task<MeterAnswer> AskAsync(string command, string unit, CancellationToken cancellation)
    {
        using var turn = await reach.TurnAsync(host, port, cancellation);
        using var client = new TcpClient();
        using (var patience = Patience(ConnectPatience, cancellation))
        {
            // Asked for anew each time: what a name stands for may change.
            var addresses = await reach.FindAsync(host, port, patience.Token);
            if (addresses.Length == 0) return MeterAnswer.Failed($"{name} at {host}:{port} is not asked: {MeterAddress.Refused}");
            await client.ConnectAsync(addresses, port, patience.Token);
        }

        using var waiting = Patience(AnswerPatience, cancellation);
        var stream = client.GetStream();
        await stream.WriteAsync(Encoding.ASCII.GetBytes(command + "\n"), waiting.Token);
        var line = await ReadLineAsync(stream, waiting.Token);
        return line is null
            ? MeterAnswer.Failed($"{name} sent more than {LongestAnswer} bytes without an end of line, or hung up. That is no meter's answer.")
            : Understand(line, unit);
    }

    private static async Task<string?> ReadLineAsync(NetworkStream stream, CancellationToken cancellation)
    {
        var buffer = new byte[LongestAnswer];
        var length = 0;
        while (length < buffer.Length)
        {
            var read = await stream.ReadAsync(buffer.AsMemory(length), cancellation);
            if (read == 0) return null;
            var end = Array.IndexOf(buffer, (byte)'\n', length, read);
            length += read;
            if (end >= 0) return Encoding.ASCII.GetString(buffer, 0, end).Trim();
        }

        return null;
    }

    private MeterAnswer Understand(string line, string unit)
    {
        const NumberStyles figure = NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint | NumberStyles.AllowExponent;
        if (!double.TryParse(line, figure, CultureInfo.InvariantCulture, out var value) || double.IsNaN(value))
            return MeterAnswer.Failed($"{name} answered “{Shown(line)}”, which is not a figure.");
        if (Math.Abs(value) >= Overload) return new MeterAnswer("OL");
        var text = $"{value.ToString("0.#####", CultureInfo.InvariantCulture)} {unit}";
        return ReadingText.TryRead(text) is null ? MeterAnswer.Failed($"{name} answered {Shown(line)}, which no bench shows.") : new MeterAnswer(text);
    }

    private static string? Command(MeterMode mode) => mode switch
    {
        MeterMode.VoltsDc => "MEAS:VOLT:DC?",
        MeterMode.Ohms => "MEAS:RES?",
        MeterMode.Beep => "MEAS:CONT?",
        MeterMode.Diode => "MEAS:DIOD?",
        _ => null,
    };

    private static string Shown(string line) => new([.. line.Take(40).Select(letter => char.IsControl(letter) ? '·' : letter)]);

    private static CancellationTokenSource Patience(TimeSpan time, CancellationToken cancellation)
    {
        var patience = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        patience.CancelAfter(time);
        return patience;
    }
}
