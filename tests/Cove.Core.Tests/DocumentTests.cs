using System.Globalization;

namespace Cove.Core.Tests;

/// <summary>What the documents say in numbers is what the code computes with.</summary>
public sealed class DocumentTests
{
    [Fact]
    public void The_shares_of_the_drivers_in_the_model_are_those_of_the_table()
    {
        string[] lines = File.ReadAllLines(Path.Combine(AppContext.BaseDirectory, "model.md"));
        var said = lines
            .Where(line => line.StartsWith("| ", StringComparison.Ordinal))
            .Select(line => line.Trim()[1..^1].Split('|', StringSplitOptions.TrimEntries))
            .Where(cells => CareTasks.Find(cells[0]) is not null)
            .ToDictionary(cells => cells[0], cells => cells[1..].Select(Hundredths).ToArray());

        Assert.Equal(CareTasks.All.Select(task => task.Id).Order(), said.Keys.Order());
        Assert.All(
            CareTasks.All,
            task =>
                Assert.Equal(
                    Enum.GetValues<Driver>().Select(driver => Math.Round(100 * task.Shares.Of(driver).Value)),
                    said[task.Id]
                )
        );
    }

    private static double Hundredths(string cell) =>
        cell.Length == 0 ? 0 : double.Parse(cell, CultureInfo.InvariantCulture);
}
