namespace Cove.Web.Tests.Floor;

/// <summary>Cars that are cared for in the slots of one of them.</summary>
public sealed class SharedSlotTests
{
    /// <summary>Far above what any of these takes: it only ends what would never end.</summary>
    private static readonly TimeSpan Never = TimeSpan.FromMinutes(2);

    [Theory]
    [InlineData(2, false)]
    [InlineData(3, false)]
    [InlineData(2, true)]
    public async Task Whoever_asks_for_plans_of_cars_that_share_slots_gets_them(int count, bool bothWays)
    {
        using var cove = new CoveHost(demo: true);
        string[] cars = await Share(cove, count);
        if (bothWays)
        {
            // No request leads there, but a database that was put together by hand can say so.
            cove.Execute(
                $"UPDATE Vehicles SET RoutineJson = json_set(RoutineJson, '$.slotsOf', '{cars[1]}') WHERE Id = '{cars[0].ToUpperInvariant()}'"
            );
        }

        for (int round = 0; round < 8; round++)
        {
            // Something stored makes every car be read and planned anew.
            await cove.Post($"/api/vehicles/{cars[0]}/odometer/feed", "");
            // Whatever holds a car for a while before both plans are asked for makes these meet.
            string[] paths =
            [
                .. cars.SelectMany(car =>
                    (string[])[$"/api/vehicles/{car}/today?minutes=90", $"/api/vehicles/{car}/glass"]
                ),
                .. Enumerable
                    .Repeat("routine/plan", 3)
                    .SelectMany(what => cars.Select(car => $"/api/vehicles/{car}/{what}")),
                .. cars.SelectMany(car =>
                    (string[])
                        [
                            $"/api/vehicles/{car}/today?minutes=25&slot=true",
                            $"/api/vehicles/{car}/routine/next",
                            $"/api/vehicles/{car}/outlook",
                        ]
                ),
            ];

            HttpResponseMessage[] answers = await Task.WhenAll(
                    paths.Select(path => Task.Run(() => cove.Http.GetAsync(new Uri(path, UriKind.Relative))))
                )
                .WaitAsync(Never);

            Assert.All(answers, answer => Assert.Equal(HttpStatusCode.OK, answer.StatusCode));
        }
    }

    [Fact]
    public async Task The_minutes_of_both_cars_are_those_of_the_slots()
    {
        using var cove = new CoveHost(demo: true);
        string[] cars = await Share(cove, 2);

        JsonObject host = await cove.Get($"/api/vehicles/{cars[0]}/routine/plan");
        JsonObject guest = await cove.Get($"/api/vehicles/{cars[1]}/routine/plan");

        double weeks =
            (DateOnly.Parse((string)host["until"]!, null).DayNumber - new DateOnly(2026, 3, 14).DayNumber)
            / 7.0;
        double given = Slots(host).Concat(Slots(guest)).Sum(slot => (int)slot["minutes"]!) / weeks;
        Assert.Equal(given, (double)host["givenAWeek"]! + (double)guest["givenAWeek"]!, 0.11);
        Assert.True((double)guest["givenAWeek"]! < (double)host["givenAWeek"]!);

        IEnumerable<JsonNode> Slots(JsonObject plan) =>
            plan["slots"]!
                .AsArray()
                .Select(slot => slot!)
                .Where(slot => string.CompareOrdinal((string)slot["day"]!, (string)plan["until"]!) <= 0);
    }

    [Fact]
    public async Task What_if_nothing_is_changed_is_what_is()
    {
        using var cove = new CoveHost(demo: true);
        foreach (string car in await Share(cove, 2))
        {
            string path = $"/api/vehicles/{car}";
            JsonObject use = await cove.Get($"{path}/use");
            JsonObject routine = await cove.Get($"{path}/routine");
            string now = (await cove.Get($"{path}/outlook")).ToJsonString();

            HttpResponseMessage same = await cove.Post(
                $"{path}/outlook",
                $$"""{"use":{{use["use"]!.ToJsonString()}},"routine":{{routine["routine"]!.ToJsonString()}}}"""
            );

            JsonObject then = (await same.Content.ReadFromJsonAsync<JsonObject>())!;
            then["difference"] = JsonNode.Parse(now)!["difference"]!.DeepClone();
            Assert.Equal(now, then.ToJsonString());
        }
    }

    [Fact]
    public async Task What_was_tried_is_taken_over_as_a_whole_or_not_at_all()
    {
        using var cove = new CoveHost(demo: true);
        string path = $"/api/vehicles/{await cove.Vehicle()}";
        JsonObject use = await cove.Get($"{path}/use");
        JsonObject routine = await cove.Get($"{path}/routine");
        JsonObject schools = await cove.Get("/api/schools");
        JsonObject other = routine["routine"]!.DeepClone().AsObject();
        other["slots"]![0]!["minutes"] = 35;
        JsonNode school = schools["schools"]![0]!;
        string choice = (string)
            school["choices"]!
                .AsArray()
                .Select(one => one!["id"]!)
                .First(id => (string)id! != (string)school["chosen"]!)!;

        HttpResponseMessage stale = await cove.Post($"{path}/outlook/apply", Body((int)use["version"]! + 7));
        JsonObject untouched = await cove.Get($"{path}/routine");
        HttpResponseMessage made = await cove.Post($"{path}/outlook/apply", Body((int)use["version"]!));

        Assert.Equal(HttpStatusCode.PreconditionFailed, stale.StatusCode);
        Assert.Equal(routine["version"]!.ToJsonString(), untouched["version"]!.ToJsonString());
        Assert.Equal(routine["routine"]!.ToJsonString(), untouched["routine"]!.ToJsonString());
        Assert.Equal(HttpStatusCode.NoContent, made.StatusCode);
        Assert.Equal(35, (int)(await cove.Get($"{path}/routine"))["routine"]!["slots"]![0]!["minutes"]!);
        Assert.Contains(
            "seatProtector",
            (await cove.Get($"{path}/use"))["use"]!.ToJsonString(),
            StringComparison.Ordinal
        );
        Assert.Equal(choice, (string)(await cove.Get("/api/schools"))["schools"]![0]!["chosen"]!);

        string Body(int useVersion) =>
            $$"""
                {
                  "routine": {"version": {{routine["version"]}}, "routine": {{other.ToJsonString()}}},
                  "preventions": {"version": {{useVersion}}, "preventions": ["seatProtector"]},
                  "school": {"version": {{schools["version"]}}, "school": "{{school[
                    "id"
                ]}}", "choice": "{{choice}}"}
                }
                """;
    }

    /// <summary>Makes the first car the host of the second; further ones have slots of their own.</summary>
    private static async Task<string[]> Share(CoveHost cove, int count)
    {
        for (int more = 2; more < count; more++)
        {
            (await cove.Post("/api/vehicles", Bodies.Vehicle())).EnsureSuccessStatusCode();
        }

        string[] cars =
        [
            .. (await cove.Http.GetFromJsonAsync<JsonArray>("/api/vehicles"))!.Select(car =>
                (string)car!["id"]!
            ),
        ];
        foreach (string guest in cars.Skip(1))
        {
            JsonObject routine = await cove.Get($"/api/vehicles/{guest}/routine");
            JsonNode? host = routine["hosts"]!.AsArray().FirstOrDefault();
            (
                await cove.Send(
                    HttpMethod.Put,
                    $"/api/vehicles/{guest}/routine",
                    host is null
                        ? routine["first"]!.ToJsonString()
                        : $$"""{"slotsOf":"{{host["vehicleId"]}}"}""",
                    ("If-Match", $"\"{routine["version"]}\"")
                )
            ).EnsureSuccessStatusCode();
        }

        return cars;
    }
}
