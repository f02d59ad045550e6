#:package Microsoft.CodeAnalysis.CSharp@5.0.0
#:property ManagePackageVersionsCentrally=false
#:property RestorePackagesWithLockFile=false
#:property RunAnalyzers=false
#:property TreatWarningsAsErrors=false

// Usage: tools/mutate FOLDER [COUNT] [SEED] [FILE-PATTERN]
// Takes seeded small changes (mutants) of a folder of Core, compiles them all at once behind a switch, tries each against the test classes that reach it, and
// prints the share that a test noticed. The kept answers under tests/golden are left out: that an answer changed does not say which was right.
using System.Collections.Concurrent;
using System.Diagnostics;
using System.Text.RegularExpressions;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;

var folder = args[0];
var count = args.Length > 1 ? int.Parse(args[1]) : 300;
var random = new Random(args.Length > 2 ? int.Parse(args[2]) : 1);
var pattern = args.Length > 3 ? args[3] : "*.cs";
var root = Directory.GetCurrentDirectory();
var copy = Directory.CreateTempSubdirectory("loose-graft-mutants-").FullName;
foreach (var part in new[] { "src/LooseGraft.Core", "src/LooseGraft.Cli", "tests/LooseGraft.Core.Tests", "tests/LooseGraft.SlowJudge", "tests/golden", "demo", "docs" })
    Copy(Path.Combine(root, part), Path.Combine(copy, part));
foreach (var file in new[] { "Directory.Build.props", "Directory.Packages.props", "LooseGraft.slnx", "global.json" })
    File.Copy(Path.Combine(root, file), Path.Combine(copy, file));
var core = Path.Combine(copy, "src/LooseGraft.Core");
File.WriteAllText(Path.Combine(core, "Mutant.cs"), """
    namespace LooseGraft.Core;
    public static class Mutant
    {
        private static readonly int Chosen = int.Parse(System.Environment.GetEnvironmentVariable("MUTANT") ?? "-1");
        private static readonly bool[] Seen = new bool[100_000];
        static Mutant()
        {
            if (System.Environment.GetEnvironmentVariable("MUTANTS_SEEN") is { } file)
                System.AppDomain.CurrentDomain.ProcessExit += (_, _) => System.IO.File.WriteAllLines(file, System.Linq.Enumerable.Range(0, Seen.Length).Where(i => Seen[i]).Select(i => i.ToString()));
        }
        public static bool Is(int number) { Seen[number] = true; return number == Chosen; }
    }
    """.Replace("namespace", "using System.Linq;\nnamespace"));

// Every place that could be changed, then a seeded choice of them.
var whole = new[] { "src", "tests" }.SelectMany(part => Directory.EnumerateFiles(Path.Combine(copy, part), "*.cs", SearchOption.AllDirectories))
    .ToDictionary(file => file, file => CSharpSyntaxTree.ParseText(File.ReadAllText(file)).GetRoot());
var fixedNames = whole.Values.SelectMany(
    tree => tree.DescendantNodes().OfType<IdentifierNameSyntax>().Where(name => !IsOpen(name)).Select(name => name.Identifier.Text)).ToHashSet();
var files = whole.Where(
    file
    => file.Key.StartsWith(Path.Combine(core, folder) + "/")
    && System.IO.Enumeration.FileSystemName.MatchesSimpleExpression(pattern, Path.GetFileName(file.Key)))
    .OrderBy(file => file.Key).ToDictionary(file => file.Key, file => Loosened(file.Value, fixedNames));
var places = files.SelectMany(
    file
    => file.Value.DescendantNodes().OfType<ExpressionSyntax>().Where(IsOpen)
    .SelectMany(node => Changes(node).Select(change => (File: file.Key, Node: node, Change: change)))).ToArray();
random.Shuffle(places);
var mutants = places.Take(count).Select((place, number) => (Number: number, place.File, place.Node, place.Change)).ToList();
Console.WriteLine($"{folder}: {mutants.Count} of {places.Length} places");

// What does not compile as a choice at run time (a constant a pattern needs, an int that must fit a byte) is left out.
for (var round = 0; ; round++)
{
    foreach (var (file, tree) in files)
        File.WriteAllText(file,
        Written(tree, mutants.Where(mutant => mutant.File == file).ToLookup(mutant => mutant.Node, mutant => (mutant.Number, mutant.Change))));
    var output = Run("dotnet",
        "build tests/LooseGraft.Core.Tests -c Release --nologo -v q -p:TreatWarningsAsErrors=false -p:EnforceCodeStyleInBuild=false -p:RunAnalyzers=false -p:GenerateDocumentationFile=false -p:RestoreLockedMode=false", []).Output;
    var errors = Regex.Matches(output, @"^(\S+?\.cs)\((\d+),(\d+)\): error (.*?)\[", RegexOptions.Multiline)
        .Select(match => (File: match.Groups[1].Value, Line: int.Parse(match.Groups[2].Value), Column: int.Parse(match.Groups[3].Value),
        Text: match.Groups[4].Value)).Distinct().ToArray();
    if (errors.Length == 0) break;
    var wrong = errors.SelectMany(error => Enclosing(error.File, error.Line, error.Column)).ToHashSet();
    if (wrong.Count == 0 || round == 14) throw new InvalidOperationException("The mutants do not compile: " + errors[0]);
    mutants.RemoveAll(mutant => wrong.Contains(mutant.Number));
}

// Which test class reaches which mutant, and how long it takes. A mutant is tried against the classes of its folder and the examples of the rules, and then
// against the quickest of the others that reach it, up to a few seconds of tests: a slow property far away is no proof that somebody thought of the place.
var runner = Path.Combine(copy, "tests/LooseGraft.Core.Tests/bin/Release/net10.0/LooseGraft.Core.Tests");
var classes = Directory.EnumerateFiles(Path.Combine(copy, "tests/LooseGraft.Core.Tests"), "*.cs", SearchOption.AllDirectories)
    .Where(file => !file.Contains("/obj/")).Select(File.ReadAllText)
    .Where(text => text.Contains("[Fact]") || text.Contains("[Theory]"))
    .Select(text => $"{Regex.Match(text, @"namespace (\S+);").Groups[1]}.{Regex.Match(text, @"public sealed (?:partial )?class (\w+)").Groups[1]}")
    .Where(name => !name.EndsWith("GoldenTests") && !name.Contains(".House.")).ToArray();
var reach = new ConcurrentDictionary<string, (HashSet<int> Mutants, TimeSpan Takes)>();
// What starting the runner takes by itself.
var start = TimeSpan.FromSeconds(0.7);
Parallel.ForEach(classes, new ParallelOptions { MaxDegreeOfParallelism = 2 }, name =>
{
    var seen = Path.Combine(copy, name + ".seen");
    var clock = Stopwatch.StartNew();
    var (failed, output) = Run(runner, $"-class {name}", [("MUTANTS_SEEN", seen)]);
    var takes = clock.Elapsed - start;
    if (failed) throw new InvalidOperationException($"{name} fails without a mutant:\n{output}");
    reach[name] = (File.Exists(seen) ? [.. File.ReadLines(seen).Select(int.Parse)] : [], takes);
});

var survivors = new ConcurrentBag<(string File, int Line, string From, string To, bool IsReached)>();
var done = 0;
Parallel.ForEach(mutants, new ParallelOptions { MaxDegreeOfParallelism = 2 }, mutant =>
{
    var (reaching, budget) = (new List<string>(), TimeSpan.FromSeconds(4));
    foreach (var (name, (_, takes)) in reach.Where(pair => pair.Value.Mutants.Contains(mutant.Number)).OrderBy(pair => pair.Value.Takes))
    {
        var isOwn = name.Contains($".Tests.{folder}.", StringComparison.Ordinal) || name.EndsWith(".RuleTests", StringComparison.Ordinal)
            || name.EndsWith(".FindingCaseTests", StringComparison.Ordinal);
        if (!isOwn && takes > budget) continue;
        reaching.Add(name);
        if (!isOwn) budget -= takes;
    }

    var killed = reaching.Count > 0
        && Run(runner, string.Join(' ', reaching.Select(name => $"-class {name}")) + " -stopOnFail", [("MUTANT", $"{mutant.Number}")]).Failed;
    if (!killed)
    {
        var survivor = (File: Path.GetRelativePath(core, mutant.File), Line: mutant.Node.GetLocation().GetLineSpan().StartLinePosition.Line + 1,
            From: mutant.Node.ToString().ReplaceLineEndings(" "), To: mutant.Change.ReplaceLineEndings(" "), IsReached: reaching.Count > 0);
        survivors.Add(survivor);
        // Told at once as well, so that a run that is given up has told something.
        Console.Error.WriteLine($"{survivor.File}:{survivor.Line}  {survivor.From}  →  {survivor.To}");
    }

    if (Interlocked.Increment(ref done) % 25 == 0) Console.Error.WriteLine($"{done} of {mutants.Count}, {survivors.Count} survive");
});
foreach (var (file, line, from, to, isReached) in survivors.OrderBy(each => (each.File, each.Line)))
    Console.WriteLine($"  {(isReached ? "survives " : "unreached")} {file}:{line}  {from}  →  {to}");
var share = 1 - ((double)survivors.Count / mutants.Count);
var error = mutants.Count >= places.Length ? 0 : 1.96 * Math.Sqrt(share * (1 - share) / mutants.Count);
Console.WriteLine($"{folder} {(pattern == "*.cs" ? "" : pattern)}: {mutants.Count - survivors.Count} of {mutants.Count} mutants killed, {share:P0} ± {error:P0}");
Directory.Delete(copy, recursive: true);

// A place whose value may be chosen when the program runs.
static bool IsOpen(ExpressionSyntax node)
    => !node.Ancestors().Any(
    above
    => above is AttributeSyntax or PatternSyntax or CaseSwitchLabelSyntax or EnumMemberDeclarationSyntax or ParameterSyntax
    or InterpolationAlignmentClauseSyntax
    or InterpolationFormatClauseSyntax || (above is LocalDeclarationStatementSyntax { IsConst: true })
        || (above is FieldDeclarationSyntax field && field.Modifiers.Any(SyntaxKind.ConstKeyword)));

// A constant becomes a property, so that it may be chosen, unless a pattern, an attribute or another constant needs it.
static SyntaxNode Loosened(SyntaxNode tree, HashSet<string> fixedNames)
    => tree.ReplaceNodes(tree.DescendantNodes().OfType<FieldDeclarationSyntax>()
        .Where(field => field.Modifiers.Any(SyntaxKind.ConstKeyword) && field.Declaration.Variables is [var one] && !fixedNames.Contains(one.Identifier.Text)
            && field.Declaration.Type.ToString() is "double" or "int" or "decimal"),
        (field, _)
            => SyntaxFactory.ParseMemberDeclaration(
            string.Join(' ', field.Modifiers.Where(modifier => !modifier.IsKind(SyntaxKind.ConstKeyword)).Select(modifier => modifier.Text))
            + $" static {field.Declaration.Type} {field.Declaration.Variables[0].Identifier.Text} => {field.Declaration.Variables[0].Initializer!.Value};")!.WithTriviaFrom(field));

static IEnumerable<string> Changes(ExpressionSyntax node) => node switch
{
    LiteralExpressionSyntax literal when literal.IsKind(SyntaxKind.NumericLiteralExpression) => Figures(literal.Token),
    BinaryExpressionSyntax binary => Operators(binary.Kind()).Select(sign => $"{binary.Left} {sign} {binary.Right}").Concat(binary.Kind() switch
    {
        SyntaxKind.AddExpression or SyntaxKind.SubtractExpression or SyntaxKind.MultiplyExpression or SyntaxKind.DivideExpression
            or SyntaxKind.LogicalAndExpression or SyntaxKind.LogicalOrExpression => [$"{binary.Left}"],
        _ => [],
    }),
    PrefixUnaryExpressionSyntax unary when unary.IsKind(SyntaxKind.UnaryMinusExpression) || unary.IsKind(SyntaxKind.LogicalNotExpression)
        => [$"{unary.Operand}"],
    InvocationExpressionSyntax { Expression: MemberAccessExpressionSyntax { Expression: IdentifierNameSyntax { Identifier.Text: "Math" },
        Name.Identifier.Text: "Max" or "Min" or "Abs" }, ArgumentList.Arguments: [var first, ..] } => [$"{first}"],
    _ => [],
};

static IEnumerable<string> Figures(SyntaxToken token) => token.Value switch
{
    int whole => [$"{whole + 1}"],
    double figure => [figure == 0 ? "0.1" : FormattableString.Invariant($"{figure * 1.1:R}")],
    decimal amount => [FormattableString.Invariant($"{amount + 0.1m}m")],
    _ => [],
};

static IEnumerable<string> Operators(SyntaxKind kind) => kind switch
{
    SyntaxKind.LessThanExpression => ["<=", ">="],
    SyntaxKind.LessThanOrEqualExpression => ["<", ">"],
    SyntaxKind.GreaterThanExpression => [">=", "<="],
    SyntaxKind.GreaterThanOrEqualExpression => [">", "<"],
    SyntaxKind.EqualsExpression => ["!="],
    SyntaxKind.NotEqualsExpression => ["=="],
    SyntaxKind.AddExpression => ["-"],
    SyntaxKind.SubtractExpression => ["+"],
    SyntaxKind.MultiplyExpression => ["/"],
    SyntaxKind.DivideExpression => ["*"],
    SyntaxKind.LogicalAndExpression => ["||"],
    SyntaxKind.LogicalOrExpression => ["&&"],
    _ => [],
};

static string Written(SyntaxNode tree, ILookup<ExpressionSyntax, (int Number, string Change)> changes)
    => tree.ReplaceNodes(changes.Select(group => group.Key), (original, rewritten) => SyntaxFactory.ParseExpression(
        "(" + string.Concat(changes[original].Select(change => $"/*m{change.Number}*/Mutant.Is({change.Number}) ? ({change.Change}) : "))
            + $"({rewritten.WithoutTrivia()}))").WithTriviaFrom(original)).ToFullString();

// The innermost mutant round a place in a written file.
static IEnumerable<int> Enclosing(string file, int line, int column)
{
    var tree = CSharpSyntaxTree.ParseText(File.ReadAllText(file));
    var at = tree.GetText().Lines[line - 1].Start + column - 1;
    var node = tree.GetRoot().FindToken(at).Parent;
    while (node is not null && !(node is ParenthesizedExpressionSyntax && node.ToString().StartsWith("(/*m", StringComparison.Ordinal))) node = node.Parent;
    if (node is not null) return Numbers(node.ToString().Split('?')[0]);
    // An error beside a mutant, such as a local that is not assigned, is taken for that of the mutants on its line, or of its whole member.
    var onLine = Numbers(tree.GetText().Lines[line - 1].ToString());
    return onLine.Any() ? onLine : Numbers(tree.GetRoot().FindToken(at).Parent!.AncestorsAndSelf().OfType<MemberDeclarationSyntax>().First().ToString());

    static IEnumerable<int> Numbers(string text) => Regex.Matches(text, @"/\*m(\d+)\*/").Select(match => int.Parse(match.Groups[1].Value));
}

(bool Failed, string Output) Run(string program, string arguments, (string Key, string Value)[] environment)
{
    var start = new ProcessStartInfo(program, arguments) { WorkingDirectory = copy, RedirectStandardOutput = true, RedirectStandardError = true };
    foreach (var (key, value) in environment) start.Environment[key] = value;
    using var process = Process.Start(start)!;
    var (output, errors) = (process.StandardOutput.ReadToEndAsync(), process.StandardError.ReadToEndAsync());
    // A mutant that never comes to an end is noticed, too.
    if (!process.WaitForExit(TimeSpan.FromMinutes(program == "dotnet" ? 10 : 2)))
    {
        process.Kill(entireProcessTree: true);
        return (true, "");
    }

    return (process.ExitCode != 0, output.Result + errors.Result);
}

static void Copy(string from, string to)
{
    Directory.CreateDirectory(to);
    foreach (var file in Directory.EnumerateFiles(from)) File.Copy(file, Path.Combine(to, Path.GetFileName(file)));
    foreach (var inner in Directory.EnumerateDirectories(from).Where(inner => Path.GetFileName(inner) is not ("bin" or "obj")))
        Copy(inner, Path.Combine(to, Path.GetFileName(inner)));
}
