using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using Assembly = System.Reflection.Assembly;

namespace Cove.Core.Tests;

/// <summary>Holds the way through the house: which folder of the core may know which, and that none knows what lies outside.</summary>
public sealed class ArchitectureTests
{
    private const string Root = "Cove.Core";

    /// <summary>What each folder of the core uses, from the ground up. What stands directly in the core, such as a share, everybody may use.</summary>
    private static readonly (string Folder, string[] Uses)[] Table =
    [
        ("Vehicles", []),
        ("Schools", []),
        ("Catalogue", ["Schools"]),
        ("Safety", ["Vehicles", "Schools", "Catalogue"]),
        ("Upkeep", ["Vehicles", "Schools", "Catalogue"]),
        ("Inspections", ["Vehicles", "Upkeep"]),
        ("Learning", ["Vehicles", "Upkeep"]),
        ("Choice", ["Vehicles", "Schools", "Catalogue", "Safety", "Upkeep"]),
        ("Methods", ["Vehicles", "Schools", "Catalogue", "Safety", "Upkeep", "Learning", "Choice"]),
        ("Log", ["Vehicles", "Catalogue", "Upkeep", "Inspections", "Learning", "Choice", "Methods"]),
        ("Spots", ["Vehicles", "Schools", "Catalogue", "Safety", "Upkeep", "Choice", "Log"]),
        (
            "Cars",
            ["Vehicles", "Schools", "Catalogue", "Safety", "Upkeep", "Learning", "Choice", "Methods", "Log"]
        ),
        (
            "Sessions",
            [
                "Vehicles",
                "Schools",
                "Catalogue",
                "Safety",
                "Upkeep",
                "Inspections",
                "Choice",
                "Methods",
                "Log",
                "Spots",
                "Cars",
            ]
        ),
        (
            "Routine",
            ["Vehicles", "Upkeep", "Choice", "Methods", "Learning", "Spots", "Log", "Cars", "Sessions"]
        ),
        ("Record", ["Catalogue", "Upkeep", "Log"]),
        ("DeepCleaning", ["Vehicles", "Upkeep", "Inspections", "Learning", "Log", "Cars", "Routine"]),
        (
            "Outlook",
            ["Vehicles", "Catalogue", "Upkeep", "Log", "Cars", "Sessions", "Routine", "DeepCleaning"]
        ),
        ("Settings", ["Catalogue"]),
        ("Finding", ["Vehicles", "Catalogue", "Upkeep", "Methods", "Cars", "Sessions"]),
        ("Stock", ["Catalogue", "Upkeep", "Choice", "Methods", "Log", "Cars"]),
    ];

    private static readonly Assembly Core = typeof(Share).Assembly;

    private static readonly Architecture Loaded = new ArchLoader().LoadAssemblies(Core).Build();

    /// <summary>Which type of the core uses which type, by full name and namespace.</summary>
    private static readonly (IType From, IType To)[] Uses =
    [
        .. Loaded
            .Types.Where(type => NamespaceOf(type).StartsWith(Root, StringComparison.Ordinal))
            .SelectMany(type => type.Dependencies.Select(use => (type, use.Target)))
            .Distinct(),
    ];

    [Fact]
    public void Each_folder_uses_just_what_the_table_says()
    {
        string[] used =
        [
            .. Between(FolderOf).Select(pair => $"{pair.From} uses {pair.To}").Order(StringComparer.Ordinal),
        ];
        string[] allowed =
        [
            .. Table
                .SelectMany(line => line.Uses.Select(use => $"{line.Folder} uses {use}"))
                .Order(StringComparer.Ordinal),
        ];

        Assert.Equal(allowed, used);
    }

    [Fact]
    public void The_table_names_every_folder_and_runs_one_way()
    {
        string[] folders = [.. Table.Select(line => line.Folder)];

        Assert.Equal(
            Uses.Select(use => FolderOf(use.From)).OfType<string>().Distinct().Order(StringComparer.Ordinal),
            folders.Order(StringComparer.Ordinal)
        );
        Assert.All(
            Table.Index(),
            line => Assert.All(line.Item.Uses, use => Assert.Contains(use, folders[..line.Index]))
        );
    }

    [Fact]
    public void No_folder_comes_back_to_itself()
    {
        (string From, string To)[] left = [.. Between(NamespaceOf)];
        // Whoever uses nobody is taken away, again and again; what can never be taken away stands in a circle.
        for (int before = -1; before != left.Length; )
        {
            before = left.Length;
            var users = left.Select(pair => pair.From).ToHashSet(StringComparer.Ordinal);
            left = [.. left.Where(pair => users.Contains(pair.To))];
        }

        Assert.Empty(left);
    }

    [Fact]
    public void Core_knows_neither_storage_nor_web_and_reads_no_clock_and_no_file()
    {
        string[] strangers =
        [
            "Cove.Data",
            "Cove.Web",
            "Microsoft.EntityFrameworkCore",
            "Microsoft.Data.Sqlite",
            "Microsoft.AspNetCore",
            "System.Net.Http",
            "System.TimeProvider",
            "System.IO.",
            "System.Diagnostics.Stopwatch",
        ];

        Assert.DoesNotContain(
            Uses,
            use => strangers.Any(name => use.To.FullName.StartsWith(name, StringComparison.Ordinal))
        );
        Assert.DoesNotContain(
            Core.GetReferencedAssemblies(),
            reference => strangers.Any(name => reference.Name!.StartsWith(name, StringComparison.Ordinal))
        );
    }

    private static IEnumerable<(string From, string To)> Between(Func<IType, string?> groupOf) =>
        Uses.Where(use => NamespaceOf(use.To).StartsWith(Root, StringComparison.Ordinal))
            .Select(use => (From: groupOf(use.From), To: groupOf(use.To)))
            .Where(pair => pair.From is not null && pair.To is not null && pair.From != pair.To)
            .Select(pair => (pair.From!, pair.To!))
            .Distinct();

    private static string NamespaceOf(IType type) => type.Namespace?.FullName ?? string.Empty;

    /// <summary>The folder directly in the core; null for what stands in none.</summary>
    private static string? FolderOf(IType type) =>
        NamespaceOf(type).Split('.') is [_, _, var folder, ..] ? folder : null;
}
