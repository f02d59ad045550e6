using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Findings;

/// <summary>Names the thing a finding speaks of, by ids: <c>/parts/kt31/ports/panel/pins/5</c>, <c>/joints/panel</c>, <c>/supplies/psu/rails/+12 V</c>. Ids hold no slash.</summary>
/// <param name="Text">The path.</param>
public readonly record struct SubjectPath(string Text)
{
    /// <summary>The graft as a whole.</summary>
    public static readonly SubjectPath Whole = new("/");

    /// <summary>The steps between the slashes.</summary>
    public string[] Steps => Text.Split('/', StringSplitOptions.RemoveEmptyEntries);

    /// <summary>What the old case did, as a whole.</summary>
    public static readonly SubjectPath OldCase = new("/old-case");

    /// <summary>The proof that the bare board lives.</summary>
    public static readonly SubjectPath Life = new("/life");

    /// <summary>A need that the old case leaves behind.</summary>
    public static SubjectPath Need(CaseDuty duty) => new($"/old-case/{System.Text.Json.JsonNamingPolicy.KebabCaseLower.ConvertName(duty.ToString())}");

    /// <summary>A reading.</summary>
    public static SubjectPath Reading(string id) => new($"/readings/{id}");

    /// <summary>A part.</summary>
    public static SubjectPath Part(string id) => new($"/parts/{id}");

    /// <summary>A port.</summary>
    public static SubjectPath Port(PortId port) => new($"/parts/{port.Part}/ports/{port.Port}");

    /// <summary>A pin.</summary>
    public static SubjectPath Pin(PortId port, int position) => new($"{Port(port).Text}/pins/{position}");

    /// <summary>A seated board.</summary>
    public static SubjectPath Seat(string part) => new($"/seating/seats/{part}");

    /// <summary>A hole of a seated board, from 1.</summary>
    public static SubjectPath Hole(string part, int number) => new($"/seating/seats/{part}/holes/{number}");

    /// <summary>A mount of a plane.</summary>
    public static SubjectPath Mount(string plane, string mount) => new($"/seating/planes/{plane}/mounts/{mount}");

    /// <summary>A plane of the shell.</summary>
    public static SubjectPath Plane(string plane) => new($"/seating/planes/{plane}");

    /// <summary>Something that takes up room.</summary>
    public static SubjectPath Box(string id) => new($"/seating/boxes/{id}");

    /// <summary>A lead that has to reach.</summary>
    public static SubjectPath Run(string id) => new($"/seating/runs/{id}");

    /// <summary>Distances measured on a part or a plane.</summary>
    public static SubjectPath Survey(string of) => new($"/seating/surveys/{of}");

    /// <summary>A joint.</summary>
    public static SubjectPath Joint(string id) => new($"/joints/{id}");

    /// <summary>A supply.</summary>
    public static SubjectPath Supply(string id) => new($"/supplies/{id}");

    /// <summary>A rail of a supply.</summary>
    public static SubjectPath Rail(string supply, string rail) => new($"/supplies/{supply}/rails/{rail}");

    /// <summary>A limit that rails share, by its place in the list.</summary>
    public static SubjectPath Combined(string supply, int index) => new($"/supplies/{supply}/combined/{index}");

    /// <summary>A string of a supply.</summary>
    public static SubjectPath Lead(string supply, string lead) => new($"/supplies/{supply}/strings/{lead}");

    /// <summary>The total of a supply.</summary>
    public static SubjectPath Total(string supply) => new($"/supplies/{supply}/total");

    /// <summary>What a load takes from a rail.</summary>
    public static SubjectPath Draw(string load, string rail) => new($"/loads/{load}/draws/{rail}");

    /// <summary>The text.</summary>
    public override string ToString() => Text;
}
