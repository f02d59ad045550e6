namespace LooseGraft.Core.Files;

/// <summary>How large a graft file may be. Generous for a desk, small enough that a file from anywhere can be read safely.</summary>
public static class GraftFileLimits
{
    /// <summary>Bytes of a file: 4 MiB.</summary>
    public const int Bytes = 4 * 1024 * 1024;

    /// <summary>Levels of nesting.</summary>
    public const int Depth = 32;

    /// <summary>Errors reported at once.</summary>
    public const int ErrorsReported = 50;

    /// <summary>Parts of a graft.</summary>
    public const int Parts = 500;

    /// <summary>Ports of a part.</summary>
    public const int Ports = 64;

    /// <summary>Positions of a port.</summary>
    public const int Positions = 1024;

    /// <summary>Joints of a graft.</summary>
    public const int Joints = 1000;

    /// <summary>Positions of the two ends of a joint multiplied, of all joints together: each pair is weighed against each other. Two grids of as many
    /// positions as a port may have are a million; sixty headers of 40 positions a tenth of that.</summary>
    public const int JointPairs = 2_000_000;

    /// <summary>Supplies of a graft.</summary>
    public const int Supplies = 32;

    /// <summary>Rails of a supply, limits they share, and draws of a load.</summary>
    public const int Rails = 16;

    /// <summary>Strings of a supply, and plugs of a string.</summary>
    public const int SupplyLeads = 32;

    /// <summary>Readings at the wall.</summary>
    public const int WallReadings = 1000;

    /// <summary>Loads of a graft.</summary>
    public const int Loads = 500;

    /// <summary>Donors of a graft beside the first.</summary>
    public const int OtherDonors = 8;

    /// <summary>Answers on what the old case did: one for each thing asked.</summary>
    public const int CaseAnswers = 12;

    /// <summary>Readings of a graft.</summary>
    public const int Readings = 2000;

    /// <summary>Results on the meter sheet of one lead.</summary>
    public const int LeadTests = 4096;

    /// <summary>Observations of a graft.</summary>
    public const int Observations = 400;

    /// <summary>Records of what happened at the bench.</summary>
    public const int Records = 5000;

    /// <summary>Photographs of a graft.</summary>
    public const int Photos = 200;

    /// <summary>Pixels along either side of a photograph.</summary>
    public const int PhotoPixels = 20000;

    /// <summary>Mounting holes of a part.</summary>
    public const int Holes = 100;

    /// <summary>Corners of an outline.</summary>
    public const int Corners = 200;

    /// <summary>Zones of a board, and ceilings of a plane.</summary>
    public const int Zones = 100;

    /// <summary>Mounts of a plane.</summary>
    public const int Mounts = 300;

    /// <summary>Openings of a plane.</summary>
    public const int Openings = 64;

    /// <summary>Planes of a shell, seated boards and surveys.</summary>
    public const int Planes = 32;

    /// <summary>Boxes that take up room.</summary>
    public const int Boxes = 300;

    /// <summary>Leads that have to reach.</summary>
    public const int Runs = 100;

    /// <summary>Distances of a survey.</summary>
    public const int Spans = 200;

    /// <summary>Distances of all surveys together: each survey is solved as a whole, and once more without each distance that does not belong to it.</summary>
    public const int SpansTogether = 800;

    /// <summary>Spaces of a shell beside its planes.</summary>
    public const int Spaces = 40;

    /// <summary>Ways for air, and covers of openings.</summary>
    public const int Ways = 120;

    /// <summary>Fans that are told what they blow through.</summary>
    public const int Fans = 64;

    /// <summary>Points of a fan's curve.</summary>
    public const int FanPoints = 33;

    /// <summary>Things that are told what cools them.</summary>
    public const int Coolers = 64;

    /// <summary>Temperatures that were read.</summary>
    public const int HeatReadings = 500;

    /// <summary>Links inside a part.</summary>
    public const int Links = 256;

    /// <summary>Rows, and columns, of a key matrix.</summary>
    public const int MatrixLines = 32;

    /// <summary>The thickest wire gauge, an American wire gauge number.</summary>
    public const int ThickestAwg = 10;

    /// <summary>The thinnest.</summary>
    public const int ThinnestAwg = 30;

    /// <summary>Pieces of one bin entry that a part may take.</summary>
    public const int BinPieces = 10000;

    /// <summary>Sellers of a graft.</summary>
    public const int Sellers = 64;

    /// <summary>Offers of a graft.</summary>
    public const int Offers = 2000;

    /// <summary>Offers that are chosen: each is held against each need.</summary>
    public const int Chosen = 200;

    /// <summary>Sorts of things in a pack.</summary>
    public const int OfferContents = 64;

    /// <summary>Pieces of one sort in a pack, packs of an offer, and pieces of an own need.</summary>
    public const int OfferPieces = 10_000;

    /// <summary>Rates of other currencies.</summary>
    public const int Rates = 32;

    /// <summary>Years that an offer is vouched for.</summary>
    public const int WarrantyYears = 100;

    /// <summary>How loud an offer is, in dB(A).</summary>
    public const int NoiseDb = 150;

    /// <summary>Sorts of plugs of an offer, and plugs of one sort.</summary>
    public const int OfferPlugs = 64;

    /// <summary>Hours of work.</summary>
    public const int Hours = 10_000;

    /// <summary>What a kilowatt-hour costs.</summary>
    public const int Tariff = 1000;

    /// <summary>With how many decimals it is written.</summary>
    public const int TariffDecimals = 4;

    /// <summary>Things that are left over when a graft is done.</summary>
    public const int LeftOvers = 100;

    /// <summary>What could be had in place of a graft.</summary>
    public const int OtherWays = 20;

    /// <summary>What a builder says of needs, adds to them, and takes from the bin for them.</summary>
    public const int Needs = 1000;

    /// <summary>Characters of a name.</summary>
    public const int NameLength = 120;

    /// <summary>Characters of a note.</summary>
    public const int NoteLength = 4000;
}
