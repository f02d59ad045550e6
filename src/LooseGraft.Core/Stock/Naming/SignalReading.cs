using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Naming;

/// <summary>What came of a name that somebody typed for a contact.</summary>
/// <param name="Typed">What was typed.</param>
public abstract record SignalReading(string Typed)
{
    /// <summary>The signal, where there is one: understood, or a name of one's own.</summary>
    public virtual Signal? Signal => null;

    /// <summary>What it may mean, or what is spelled much like it; likeliest first.</summary>
    public virtual ImmutableArray<Signal> Choices => [];

    /// <summary>Why it cannot be taken as it stands, for words beside a field; null when it can.</summary>
    public virtual string? Problem => null;

    /// <summary>One known signal was meant.</summary>
    public sealed record Understood(string Typed, Signal Meant) : SignalReading(Typed)
    {
        /// <inheritdoc/>
        public override Signal Signal => Meant;
    }

    /// <summary>It is printed for several; which one must be asked.</summary>
    /// <param name="Typed">What was typed.</param>
    /// <param name="Why">Why it must be asked, after the name.</param>
    /// <param name="Possible">What it may mean on such a connector; the last is always <see cref="Signal.Unknown"/>.</param>
    public sealed record Asked(string Typed, string Why, ImmutableArray<Signal> Possible) : SignalReading(Typed)
    {
        /// <inheritdoc/>
        public override ImmutableArray<Signal> Choices => Possible;

        /// <summary>The question, where what it may mean stands beside it.</summary>
        public string Question => $"{Typed.Quoted()} {Why}. Which is it?";

        /// <inheritdoc/>
        public override string Problem => $"{Typed.Quoted()} {Why}. Which is it: {string.Join(", ", Possible.Select(signal => signal.ToString()))}?";
    }

    /// <summary>Nobody knows it here: a name of the builder's own, unless one of those near it was meant.</summary>
    public sealed record Own(string Typed, Signal Meant, ImmutableArray<Signal> Nearest) : SignalReading(Typed)
    {
        /// <summary>What to say of it.</summary>
        public string Remark => $"{Typed.Quoted()} is not known here: it stays, as a name of your own{(Nearest is [var near, ..] ? $", unless you mean {near}" : "")}.";

        /// <inheritdoc/>
        public override Signal Signal => Meant;

        /// <inheritdoc/>
        public override ImmutableArray<Signal> Choices => Nearest;
    }

    /// <summary>It can be no name.</summary>
    public sealed record Impossible(string Typed) : SignalReading(Typed)
    {
        /// <summary>What is spelled much like it.</summary>
        public ImmutableArray<Signal> Nearest { get; init; } = [];

        /// <inheritdoc/>
        public override ImmutableArray<Signal> Choices => Nearest;

        /// <inheritdoc/>
        public override string Problem => Nearest is [var near, ..]
            ? $"{Typed.Quoted()} is not a signal. Did you mean {near}?"
            : $"{Typed.Quoted()} is not a signal. {PinTable.SignalHelp}";
    }
}
