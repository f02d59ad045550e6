using Microsoft.Data.Sqlite;

namespace LooseGraft.Data;

/// <summary>What keeps a bench from being read or written that is no fault of the program.</summary>
public enum StorageTrouble
{
    /// <summary>None of these.</summary>
    None,

    /// <summary>The file is damaged, or no database.</summary>
    Damaged,

    /// <summary>Another program holds it.</summary>
    Locked,

    /// <summary>It, or its folder, may not be written.</summary>
    ReadOnly,

    /// <summary>There is no room left on the disk.</summary>
    Full,
}

/// <summary>Tells what keeps a bench from being read or written.</summary>
public static class StorageTroubles
{
    // The system's number for a full disk (ENOSPC), which the framework passes on as it is.
    private const int NoSpace = 28;

    /// <summary>What an exception says of the disk and the database.</summary>
    public static StorageTrouble Of(Exception exception) => exception.GetBaseException() switch
    {
        SqliteException sqlite => OfCode(sqlite.SqliteErrorCode),
        UnauthorizedAccessException => StorageTrouble.ReadOnly,
        IOException full when (full.HResult & 0xFFFF) == NoSpace => StorageTrouble.Full,
        _ => StorageTrouble.None,
    };

    // https://www.sqlite.org/rescode.html
    private static StorageTrouble OfCode(int code) => code switch
    {
        5 or 6 => StorageTrouble.Locked,
        3 or 8 or 14 => StorageTrouble.ReadOnly,
        11 or 26 => StorageTrouble.Damaged,
        13 => StorageTrouble.Full,
        _ => StorageTrouble.None,
    };
}
