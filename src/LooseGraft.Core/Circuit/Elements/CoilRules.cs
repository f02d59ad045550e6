using System.Collections.Immutable;
using LooseGraft.Core.Circuit.Positions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit.Elements;

/// <summary>Coils: when they pull, what they throw back, and what they hold.</summary>
internal static class CoilRules
{
    /// <summary>A relay surely pulls from three quarters of the voltage it is made for (makers' data sheets: 70 to 80 %).</summary>
    public const double PullsFrom = 0.75;

    /// <summary>It lets go for sure below a tenth (makers' data sheets: 5 to 10 %); once it pulls it holds on so much.</summary>
    public const double HoldsFrom = 0.1;

    /// <summary>The most that a coil bears for long (makers' data sheets: 110 % and more at room temperature).</summary>
    public const double MostShare = 1.1;

    // A coil that states nothing is taken to pull on whatever it gets.
    private const double AnyVolts = 1;

    /// <summary>The coils that pull in a position, of those that move contacts.</summary>
    public static ImmutableHashSet<string> Pulling(Netlist netlist, Position position)
    {
        var network = new ElementNetwork(netlist, new NetState(netlist, position.IsMade), areDriversUp: false);
        return [.. from coil in netlist.Elements
                   let mover = coil.Mover
                   where mover is not null
                   let share = position.Moved.Contains(mover) ? HoldsFrom : PullsFrom
                   where Math.Abs(network.Across(coil) ?? 0) >= share * (coil.Link.Figures.Volts?.Value ?? AnyVolts)
                   select mover];
    }

    /// <summary>Whether an output moves a coil, so that it may pull or not whatever is pressed.</summary>
    public static bool IsDriven(Element coil, NetState state) => Drivers(coil, state).Any();

    /// <summary>What is wrong with coils in one state of the contacts.</summary>
    public static IEnumerable<Clash> Of(Element coil, ElementNetwork network, NetState state)
    {
        var flow = network.Flow(coil);
        if (!coil.Link.Figures.HasDiode && Drivers(coil, state).FirstOrDefault() is { } driver)
            yield return new Clash(ConflictKind.CoilWithoutDiode, Severity.Fix, driver, coil.One) { Flow = flow };
        if (coil.Link.Figures.Volts is not { } made || network.Giver(coil) is not { } giver) yield break;
        var share = Math.Abs(flow.Across.Value) / made.Value;
        if (share > MostShare)
            yield return new Clash(ConflictKind.ElementBurns, Severity.Fix, giver.Contact, coil.One) { Flow = flow, Via = giver.Leg };
        else if (share is > HoldsFrom and < PullsFrom)
            yield return new Clash(ConflictKind.CoilWeak, Severity.Check, giver.Contact, coil.One) { Flow = flow, Via = giver.Leg };
    }

    /// <summary>Coils that pull with nothing pressed, from what stays on while the machine is off.</summary>
    public static IEnumerable<Clash> Holding(Netlist netlist, Position position, NetState state)
        => from coil in netlist.Elements
           where coil.Mover is { } mover && position.Moved.Contains(mover) && !position.ArePlainClosed
               && position.Moved.All(moved => netlist.Elements.Any(other => other.Mover == moved))
           let network = new ElementNetwork(netlist, state, areDriversUp: false)
           let giver = network.Giver(coil)
           where giver is { Contact.Role.IsStandby: true }
           select new Clash(ConflictKind.CoilHolds, Severity.Check, giver.Value.Contact, coil.One) { Flow = network.Flow(coil), Via = giver.Value.Leg };

    /// <summary>Coils that never settle.</summary>
    public static IEnumerable<Clash> Restless(Netlist netlist, ImmutableArray<string> restless)
        => netlist.Elements.Where(coil => coil.Mover is { } mover && restless.Contains(mover))
            .Select(coil => new Clash(ConflictKind.CoilRestless, Severity.Fix, coil.One, coil.One));

    private static IEnumerable<CircuitContact> Drivers(Element coil, NetState state)
        => coil.Link.Kind != LinkKind.Coil ? []
            : from leg in new[] { coil.One, coil.Other }
              let net = state.Of(leg)
              where net is not null
              from driver in net.Of(RoleKind.Driver)
              where driver.Role.Drive is SignalDrive.PushPull or SignalDrive.OpenToGround or SignalDrive.InTurn
              select driver;
}
