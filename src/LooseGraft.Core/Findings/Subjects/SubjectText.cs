using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Findings.Subjects;

/// <summary>Reads the text form of a subject, as an address or a form brings it back.</summary>
public static class SubjectText
{
    /// <summary>The subject of which <paramref name="text"/> is the text form; null when it is of none. Whether a graft has such a thing is not
    /// asked.</summary>
    public static Subject? Read(string? text) => text?.Split('/') switch
    {
        ["", ""] => Subject.Whole,
        ["", "old-case"] => new OldCaseSubject(),
        ["", "life"] => new LifeSubject(),
        ["", "old-case", _] => Need(text, null),
        ["", "donors", var donor, "old-case"] => new OldCaseSubject(donor),
        ["", "donors", var donor, "life"] => new LifeSubject(donor),
        ["", "donors", var donor, "old-case", _] => Need(text, donor),
        ["", "readings", var reading] => new ReadingSubject(reading),
        ["", "parts", var part] => new PartSubject(part),
        ["", "parts", var part, "ports", var port] => new PortSubject(new PortId(part, port)),
        ["", "parts", var part, "ports", var port, "pins", var pin] when Number(pin) is { } position => new PinSubject(new PortId(part, port), position),
        ["", "seating", "seats", var board] => new SeatSubject(board),
        ["", "seating", "seats", var board, "holes", var hole] when Number(hole) is { } number => new HoleSubject(board, number),
        ["", "seating", "planes", var plane] => new PlaneSubject(plane),
        ["", "seating", "planes", var plane, "mounts", var mount] => new MountSubject(plane, mount),
        ["", "seating", "boxes", var box] => new BoxSubject(box),
        ["", "seating", "runs", var run] => new RunSubject(run),
        ["", "seating", "surveys", var of] => new SurveySubject(of),
        ["", "cooling", "spaces", var space] => new SpaceSubject(space),
        ["", "cooling", "ways", var way] => new AirWaySubject(way),
        ["", "cooling", "ways", var plane, var opening] => new AirWaySubject($"{plane}/{opening}"),
        ["", "buying", "offers", var offer] => new OfferSubject(offer),
        ["", "buying", "sellers", var seller] => new SellerSubject(seller),
        ["", "records", var order] => new OrderSubject(order),
        ["", "joints", var joint] => new JointSubject(joint),
        ["", "supplies", var supply] => new SupplySubject(supply),
        ["", "supplies", var supply, "rails", var rail] => new RailSubject(supply, rail),
        ["", "supplies", var supply, "combined", var shared] when Number(shared) is { } index => new SharedLimitSubject(supply, index),
        ["", "supplies", var supply, "strings", var lead] => new SupplyLeadSubject(supply, lead),
        ["", "supplies", var supply, "total"] => new TotalSubject(supply),
        ["", "loads", var load, "draws", var rail] => new DrawSubject(load, rail),
        ["", "loads", var load, "draws", var rail, var socket] => new DrawSubject(load, rail, socket),
        _ => null,
    };

    private static NeedSubject? Need(string text, string? donor)
        => Enum.GetValues<CaseDuty>().Select(duty => new NeedSubject(duty, donor)).FirstOrDefault(need => need.Text == text);

    private static int? Number(string text)
        => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var number) && number.ToString(CultureInfo.InvariantCulture) == text
        ? number
        : null;
}
