using System.CommandLine;
using System.Text;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Wire.Edits;

namespace LooseGraft.Cli;

/// <summary>A few of the bench's edits from a shell: the changed file is printed, the one that was read stays as it is.</summary>
internal static class EditCommand
{
    public static Command Make()
        => new("edit", "Prints a graft file with a change made to it. Exit 0: made; 2: unreadable, nothing of that name, or not to be kept.")
        {
            Pin(), Decide(), RemovePart(),
        };

    private static Command Pin()
    {
        var (file, port, position, signal) = (
            Commands.FileArgument(), PortArgument(), new Argument<int>("POSITION") { Description = "The contact, from 1." }, SignalArgument());
        var evidence = new Option<Evidence>("--evidence") { Description = "Where that is known from.", DefaultValueFactory = _ => Evidence.Assumed };
        var command = new Command("pin", "Says what a contact carries.") { file, port, position, signal, evidence };
        command.SetAction(call => Run(call, call.GetRequiredValue(file), graft => graft.FindPort(call.GetRequiredValue(port)) is { } found
            ? new DescribePin(call.GetRequiredValue(port),
                found.PinAt(call.GetRequiredValue(position)) with { Signal = new Known<Signal>(call.GetRequiredValue(signal), call.GetValue(evidence)) })
            : null));
        return command;
    }

    private static Command Decide()
    {
        var (file, joint, method) = (
            Commands.FileArgument(), new Argument<string>("JOINT") { Description = "The id of a joint." },
            new Argument<JointMethod>("METHOD") { Description = "How it is made." });
        var reason = new Option<string?>("--reason") { Description = "Why." };
        var command = new Command("decide", "Decides by which method a joint is made.") { file, joint, method, reason };
        command.SetAction(call =>
            Run(call, call.GetRequiredValue(file), _ => new DecideJoint(call.GetRequiredValue(joint), call.GetRequiredValue(method), call.GetValue(reason))));
        return command;
    }

    private static Command RemovePart()
    {
        var (file, part) = (Commands.FileArgument(), new Argument<string>("PART") { Description = "The id of a part." });
        var command = new Command("remove-part", "Takes a part out with everything that names it.") { file, part };
        command.SetAction(call => Run(call, call.GetRequiredValue(file), _ => new RemovePart(call.GetRequiredValue(part))));
        return command;
    }

    private static int Run(ParseResult call, string path, Func<Graft, GraftEdit?> make)
    {
        var (output, error) = (call.InvocationConfiguration.Output, call.InvocationConfiguration.Error);
        var read = Commands.Read(path);
        if (read.Graft is not { } graft)
        {
            Commands.Complain(read, error);
            return Commands.Unreadable;
        }

        var edit = make(graft);
        if (edit is null || edit.Apply(graft) == graft)
        {
            error.WriteLine(edit is null
                ? "There is nothing of that name; nothing was changed."
                : $"{edit.Words(graft)}: that changes nothing. Is the name right?");
            return Commands.Unreadable;
        }

        var written = GraftFile.Write(edit.Apply(graft));
        var kept = GraftFile.Read(written);
        if (kept.Graft is null)
        {
            Commands.Complain(kept, error);
            return Commands.Unreadable;
        }

        error.WriteLine(edit.Words(graft));
        output.Write(Encoding.UTF8.GetString(written));
        return Commands.Fine;
    }

    private static Argument<PortId> PortArgument() => new("PORT")
    {
        Description = "A port written part/port.",
        CustomParser = result =>
        {
            if (PortId.Parse(result.Tokens[0].Value) is { } port) return port;
            result.AddError($"“{result.Tokens[0].Value}” is not a port written part/port, such as kt31/panel.");
            return default;
        },
    };

    private static Argument<Signal> SignalArgument() => new("SIGNAL")
    {
        Description = "A supply such as \"+12 V\", ground, none, unknown, or a signal's name.",
        CustomParser = result =>
        {
            if (Signal.Parse(result.Tokens[0].Value) is { } signal) return signal;
            result.AddError($"“{result.Tokens[0].Value}” is not a signal.");
            return Signal.Unknown;
        },
    };
}
