using System.Globalization;
using Ical.Net.CalendarComponents;
using CalDateTime = Ical.Net.DataTypes.CalDateTime;
using ReferenceRule = Ical.Net.DataTypes.RecurrenceRule;

namespace Cove.Core.Tests.Routine;

public sealed class RecurrenceRuleTests
{
    private static readonly DateOnly Start = new(1997, 9, 2);

    private static readonly DateOnly Far = new(2100, 12, 31);

    // Published: RFC 5545 section 3.8.5.3, its examples by days, weeks, months and years, with the days it lists.
    [Theory]
    [InlineData("FREQ=DAILY;COUNT=4", 19970902, "0902 0903 0904 0905")]
    [InlineData("FREQ=DAILY;INTERVAL=2", 19970902, "0902 0904 0906 0908")]
    [InlineData("FREQ=DAILY;INTERVAL=10;COUNT=5", 19970902, "0902 0912 0922 1002 1012")]
    [InlineData("FREQ=WEEKLY;COUNT=10", 19970902, "0902 0909 0916 0923 0930 1007 1014 1021 1028 1104")]
    [InlineData("FREQ=WEEKLY;INTERVAL=2;WKST=SU", 19970902, "0902 0916 0930 1014 1028 1111")]
    [InlineData(
        "FREQ=WEEKLY;UNTIL=19971007T000000Z;WKST=SU;BYDAY=TU,TH",
        19970902,
        "0902 0904 0909 0911 0916 0918 0923 0925 0930 1002"
    )]
    [InlineData(
        "FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000Z;WKST=SU;BYDAY=MO,WE,FR",
        19970901,
        "0901 0903 0905 0915 0917 0919 0929 1001 1003 1013"
    )]
    [InlineData(
        "FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH",
        19970902,
        "0902 0904 0916 0918 0930 1002 1014 1016"
    )]
    [InlineData(
        "FREQ=MONTHLY;COUNT=10;BYDAY=1FR",
        19970905,
        "0905 1003 1107 1205 0102 0206 0306 0403 0501 0605"
    )]
    [InlineData("FREQ=MONTHLY;UNTIL=19971224T000000Z;BYDAY=1FR", 19970905, "0905 1003 1107 1205")]
    [InlineData(
        "FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU",
        19970907,
        "0907 0928 1102 1130 0104 0125 0301 0329 0503 0531"
    )]
    [InlineData("FREQ=MONTHLY;COUNT=6;BYDAY=-2MO", 19970922, "0922 1020 1117 1222 0119 0216")]
    [InlineData("FREQ=MONTHLY;BYMONTHDAY=-3", 19970928, "0928 1029 1128 1229 0129 0226")]
    [InlineData(
        "FREQ=MONTHLY;COUNT=10;BYMONTHDAY=2,15",
        19970902,
        "0902 0915 1002 1015 1102 1115 1202 1215 0102 0115"
    )]
    [InlineData(
        "FREQ=MONTHLY;COUNT=10;BYMONTHDAY=1,-1",
        19970930,
        "0930 1001 1031 1101 1130 1201 1231 0101 0131 0201"
    )]
    [InlineData(
        "FREQ=MONTHLY;INTERVAL=18;COUNT=10;BYMONTHDAY=10,11,12,13,14,15",
        19970910,
        "0910 0911 0912 0913 0914 0915 0310 0311 0312 0313"
    )]
    [InlineData("FREQ=MONTHLY;INTERVAL=2;BYDAY=TU", 19970902, "0902 0909 0916 0923 0930 1104 1111 1118 1125")]
    [InlineData(
        "FREQ=YEARLY;COUNT=10;BYMONTH=6,7",
        19970610,
        "0610 0710 0610 0710 0610 0710 0610 0710 0610 0710"
    )]
    [InlineData(
        "FREQ=YEARLY;INTERVAL=2;COUNT=10;BYMONTH=1,2,3",
        19970310,
        "0310 0110 0210 0310 0110 0210 0310 0110 0210 0310"
    )]
    [InlineData(
        "FREQ=YEARLY;INTERVAL=3;COUNT=10;BYYEARDAY=1,100,200",
        19970101,
        "0101 0410 0719 0101 0409 0718 0101 0410 0719 0101"
    )]
    [InlineData("FREQ=YEARLY;BYDAY=20MO", 19970519, "0519 0518 0517")]
    [InlineData("FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO", 19970512, "0512 0511 0517")]
    [InlineData("FREQ=YEARLY;BYMONTH=3;BYDAY=TH", 19970313, "0313 0320 0327 0305 0312 0319 0326")]
    [InlineData(
        "FREQ=YEARLY;BYDAY=TH;BYMONTH=6,7,8",
        19970605,
        "0605 0612 0619 0626 0703 0710 0717 0724 0731"
    )]
    [InlineData("FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13", 19970902, "0213 0313 1113 0813 1013")]
    [InlineData(
        "FREQ=MONTHLY;BYDAY=SA;BYMONTHDAY=7,8,9,10,11,12,13",
        19970913,
        "0913 1011 1108 1213 0110 0207 0307"
    )]
    [InlineData(
        "FREQ=YEARLY;INTERVAL=4;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8",
        19961105,
        "1105 1107 1102"
    )]
    [InlineData("FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3", 19970904, "0904 1007 1106")]
    [InlineData(
        "FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2",
        19970929,
        "0929 1030 1127 1230 0129 0226 0330"
    )]
    [InlineData("FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO", 19970805, "0805 0810 0819 0824")]
    [InlineData("FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU", 19970805, "0805 0817 0819 0831")]
    [InlineData("FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5", 20070115, "0115 0130 0215 0315 0330")]
    public void The_examples_of_the_standard_fall_on_its_days(string rule, int start, string expected)
    {
        string[] days = expected.Split(' ');

        Assert.Equal(
            days,
            RecurrenceRule
                .Parse(rule)
                .Days(Day(start), Far)
                .Take(days.Length)
                .Select(day => day.ToString("MMdd", CultureInfo.InvariantCulture))
        );
    }

    // Published: the examples of the same section that repeat within a day, which no slot does.
    [Theory]
    [InlineData("FREQ=HOURLY;INTERVAL=3;UNTIL=19970902T170000Z")]
    [InlineData("FREQ=MINUTELY;INTERVAL=15;COUNT=6")]
    [InlineData("FREQ=DAILY;BYHOUR=9,10,11,12,13,14,15,16;BYMINUTE=0,20,40")]
    public void What_repeats_within_a_day_is_refused(string rule) =>
        Assert.NotNull(RecurrenceRule.Read(rule, out _));

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("FREQ=")]
    [InlineData("BYDAY=SA")]
    [InlineData("FREQ=SOMETIMES")]
    [InlineData("FREQ=1")]
    [InlineData("FREQ=WEEKLY;INTERVAL=0")]
    [InlineData("FREQ=WEEKLY;INTERVAL=1.5")]
    [InlineData("FREQ=WEEKLY;BYDAY=XX")]
    [InlineData("FREQ=WEEKLY;BYDAY=2SA")]
    [InlineData("FREQ=MONTHLY;BYDAY=0SA")]
    [InlineData("FREQ=MONTHLY;BYMONTHDAY=32")]
    [InlineData("FREQ=MONTHLY;BYMONTHDAY=0")]
    [InlineData("FREQ=WEEKLY;COUNT=2;UNTIL=20270101")]
    [InlineData("FREQ=WEEKLY;UNTIL=20271301")]
    [InlineData("FREQ=WEEKLY;FREQ=DAILY")]
    [InlineData("FREQ=WEEKLY;BYSETPOS=1")]
    [InlineData("FREQ=WEEKLY;WORDS=1")]
    public void What_is_no_rule_is_answered_with_a_sentence(string? text)
    {
        string? sentence = RecurrenceRule.Read(text, out RecurrenceRule? rule);

        Assert.Null(rule);
        Assert.EndsWith(".", sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void A_rule_without_days_ends_and_a_leap_day_comes_every_four_years()
    {
        Assert.Empty(RecurrenceRule.Parse("FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30").Days(Start, Far));
        Assert.Equal(
            [new(2028, 2, 29), new(2032, 2, 29), new DateOnly(2036, 2, 29)],
            RecurrenceRule.Parse("FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=29").Days(new(2026, 1, 1), Far).Take(3)
        );
    }

    // Reference: Ical.Net.
    [Fact]
    public void Random_rules_fall_on_the_same_days_as_those_of_a_reference_library()
    {
        var random = new Random(20261127);
        for (int round = 0; round < 2000; round++)
        {
            DateOnly start = new DateOnly(2024, 1, 1).AddDays(random.Next(1200));
            string text = AnyRule(random, start);
            DateOnly last = start.AddDays(1500);

            DateOnly[] ours = [.. RecurrenceRule.Parse(text).Days(start, last).Take(60)];

            DateOnly[] theirs = [.. Reference(text, start, last).Take(60)];
            Assert.True(
                ours.SequenceEqual(theirs),
                $"{text} from {start}: {string.Join(' ', ours)} but {string.Join(' ', theirs)}"
            );
        }
    }

    private static IEnumerable<DateOnly> Reference(string rule, DateOnly start, DateOnly last)
    {
        var happening = new CalendarEvent
        {
            Start = new CalDateTime(start),
            RecurrenceRule = new ReferenceRule(rule),
        };
        return happening
            .GetOccurrences(new CalDateTime(start))
            .Select(one => one.Period.StartTime.Date)
            .TakeWhile(day => day <= last);
    }

    private static string AnyRule(Random random, DateOnly start)
    {
        string[] codes = ["SU", "MO", "TU", "WE", "TH", "FR", "SA"];
        string Weekdays() => string.Join(',', random.GetItems(codes, random.Next(1, 4)).Distinct());
        string Months() =>
            string.Join(',', Enumerable.Range(1, 12).Where(_ => random.Next(3) == 0).DefaultIfEmpty(4));
        string body = random.Next(9) switch
        {
            0 => $"FREQ=DAILY;INTERVAL={random.Next(1, 40)}",
            1 => $"FREQ=WEEKLY;INTERVAL={random.Next(1, 27)}",
            2 => $"FREQ=WEEKLY;INTERVAL={random.Next(1, 14)};BYDAY={Weekdays()};WKST={codes[random.Next(2)]}",
            3 =>
                $"FREQ=MONTHLY;INTERVAL={random.Next(1, 13)};BYDAY={random.Next(1, 5)}{codes[random.Next(7)]}",
            4 =>
                $"FREQ=MONTHLY;INTERVAL={random.Next(1, 7)};BYDAY=-{random.Next(1, 3)}{codes[random.Next(7)]}",
            5 =>
                $"FREQ=MONTHLY;INTERVAL={random.Next(1, 7)};BYMONTHDAY={random.Next(1, 32)},-{random.Next(1, 29)}",
            6 => $"FREQ=MONTHLY;BYDAY={Weekdays()};BYSETPOS={(random.Next(2) == 0 ? 1 : -1)}",
            7 => $"FREQ=YEARLY;BYMONTH={Months()};BYDAY={random.Next(1, 5)}{codes[random.Next(7)]}",
            _ => $"FREQ=YEARLY;BYMONTH={Months()};BYMONTHDAY={random.Next(1, 29)}",
        };
        return random.Next(5) switch
        {
            0 => $"{body};COUNT={random.Next(1, 30)}",
            1 => $"{body};UNTIL={start.AddDays(random.Next(900)):yyyyMMdd}",
            _ => body,
        };
    }

    private static DateOnly Day(int number) => new(number / 10000, number / 100 % 100, number % 100);
}
