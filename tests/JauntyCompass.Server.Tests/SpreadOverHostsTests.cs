using System.Collections.Concurrent;
using System.Globalization;
using System.Net;
using System.Text.Json;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Randomness;
using Microsoft.EntityFrameworkCore;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>
/// Classes at work whose answers are spread over two hosts at random: every mark is the one that a single host gives.
/// JAUNTY_STUDENTS says how many students there are.
/// </summary>
public sealed class SpreadOverHostsTests(TwoHosts hosts) : IClassFixture<TwoHosts>
{
    private const int Items = 10;
    private const int ClassSize = 30;
    private static readonly int Students = int.Parse(
        Environment.GetEnvironmentVariable("JAUNTY_STUDENTS") ?? "12",
        CultureInfo.InvariantCulture
    );

    [Fact]
    public async Task Answers_spread_over_two_hosts_get_the_marks_that_one_host_gives()
    {
        using var teacher = new Visitor(hosts.One);
        await teacher.BecomeTeacher("spread");
        Dictionary<string, string> single = await Work(teacher, spread: false);
        single.Count.ShouldBe(Students * Items);
        (await Work(teacher, spread: true)).ShouldBe(single, ignoreOrder: true);
    }

    // All classes at work, some students at a time; returns the stored marks by student and item.
    private async Task<Dictionary<string, string>> Work(Visitor teacher, bool spread)
    {
        Reply set = await teacher.Post(
            "sets",
            new JsonObject
            {
                ["title"] = "Ten",
                ["specification"] = Lesson.Specification(Items - 1, 1),
                ["seed"] = 11,
            }
        );
        var marks = new ConcurrentDictionary<string, string>();
        for (int first = 0; first < Students; first += ClassSize)
        {
            Reply group = await teacher.Post("classes", new JsonObject { ["name"] = "6 Heron" });
            Reply given = await teacher.Post(
                "assignments",
                new JsonObject
                {
                    ["setId"] = set.Text("id"),
                    ["classId"] = group.Text("id"),
                    ["tries"] = 2,
                }
            );
            await Parallel.ForEachAsync(
                Enumerable.Range(first, Math.Min(ClassSize, Students - first)),
                new ParallelOptions { MaxDegreeOfParallelism = 8 },
                async (student, _) =>
                    await Answer(teacher, group, given.Text("id"), student, spread)
            );
            foreach ((string key, string mark) in await StoredMarks(given.Text("id")))
            {
                marks[key] = mark;
            }
        }
        return new(marks);
    }

    private async Task Answer(
        Visitor teacher,
        Reply group,
        string assignment,
        int student,
        bool spread
    )
    {
        // What is answered and in which order is the student's; where it goes is not.
        var own = new SeededRandom(7, student);
        var way = new SeededRandom(8, student);
        string name = $"Gull {student}";
        Reply added = await teacher.Post(
            $"classes/{group.Text("id")}/students",
            new JsonObject { ["givenName"] = name }
        );
        using var here = new Visitor(hosts.One);
        await here.Join(group.Text("code"), name, added.Text("pin"));
        using Visitor there = here.Copy(hosts.Other);
        string path = $"bench/assignments/{assignment}";
        JsonArray seen = (await here.Get(path))["items"].AsArray();
        foreach (int item in Enumerable.Range(0, Items).OrderBy(_ => own.Below(1000)).ToList())
        {
            // The other scale at most items, so that a habit builds up and is named or not by how much of it is known.
            double truth = item < Items - 1 ? Seen.Measure(seen[item]!) : 0;
            JsonObject response =
                item == Items - 1
                    ? new JsonObject
                    {
                        ["kind"] = "draw",
                        ["strokes"] = new JsonArray(),
                        ["dots"] = new JsonArray(),
                        ["arc"] = null,
                    }
                    : Lesson.Reading(Math.Round(own.Chance(0.7) ? 180 - truth : truth));
            var body = new JsonObject
            {
                ["id"] = Guid.NewGuid(),
                ["itemIndex"] = item,
                ["response"] = response,
            };
            List<Visitor> to =
                !spread ? [here]
                : way.Chance(0.2) ? [here, there]
                : [way.Chance(0.5) ? here : there];
            Reply[] replies = await Task.WhenAll(
                to.Select(v => v.Post($"{path}/answers", body.DeepClone()))
            );
            replies.ShouldAllBe(r => r.Status == HttpStatusCode.OK);
            replies.Select(r => r.Body!.ToJsonString()).Distinct().Count().ShouldBe(1);
        }
    }

    private async Task<IEnumerable<(string Key, string Mark)>> StoredMarks(string assignment)
    {
        Guid id = Guid.Parse(assignment);
        var stored = await hosts.One.Ask(d =>
            d.Answers.AsNoTracking()
                .Where(a => a.AssignmentId == id)
                .Join(
                    d.Students,
                    a => a.StudentId,
                    s => s.Id,
                    (a, s) =>
                        new
                        {
                            s.NameKey,
                            a.ItemIndex,
                            a.Try,
                            a.Marks[0].Mark,
                        }
                )
                .ToListAsync()
        );
        return stored.Select(a =>
            (
                $"{a.NameKey} {a.ItemIndex} {a.Try}",
                JsonSerializer.Serialize(a.Mark, ExerciseJson.Options)
            )
        );
    }
}
