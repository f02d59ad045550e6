namespace LooseGraft.Core.Tests.House;

/// <summary>Finds the folders of the project from wherever the tests run.</summary>
internal static class Root
{
    public static string Path { get; } = Find(AppContext.BaseDirectory);

    public static string Folder(string name) => System.IO.Path.Combine(Path, name);

    private static string Find(string folder)
        => File.Exists(System.IO.Path.Combine(folder, "LooseGraft.slnx")) ? folder : Find(System.IO.Path.GetDirectoryName(folder)!);
}
