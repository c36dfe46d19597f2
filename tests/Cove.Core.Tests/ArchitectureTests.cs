using System.Reflection;
using NetArchTest.Rules;
using TestResult = NetArchTest.Rules.TestResult;

namespace Cove.Core.Tests;

public sealed class ArchitectureTests
{
    private static readonly Assembly Core = typeof(Level).Assembly;

    [Fact]
    public void Core_knows_neither_storage_nor_web()
    {
        string[] strangers =
        [
            "Cove.Data",
            "Cove.Web",
            "Microsoft.EntityFrameworkCore",
            "Microsoft.Data.Sqlite",
            "Microsoft.AspNetCore",
            "System.Net.Http",
        ];

        TestResult result = Types.InAssembly(Core).ShouldNot().HaveDependencyOnAny(strangers).GetResult();

        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
        Assert.DoesNotContain(
            Core.GetReferencedAssemblies(),
            reference => strangers.Any(name => reference.Name!.StartsWith(name, StringComparison.Ordinal))
        );
    }

    [Fact]
    public void Core_reads_no_clock_and_no_file()
    {
        TestResult result = Types
            .InAssembly(Core)
            .ShouldNot()
            .HaveDependencyOnAny("System.TimeProvider", "System.IO.File", "System.Diagnostics.Stopwatch")
            .GetResult();

        Assert.True(result.IsSuccessful, string.Join(", ", result.FailingTypeNames ?? []));
    }
}
