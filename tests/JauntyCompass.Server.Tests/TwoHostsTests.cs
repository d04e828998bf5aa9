using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>Two hosts on one database: whichever is asked, everything is as if there were one.</summary>
public sealed class TwoHostsTests(TwoHosts hosts) : IClassFixture<TwoHosts>
{
    [Fact]
    public async Task Answers_of_one_student_at_both_hosts_at_once_are_each_marked_in_the_light_of_those_stored_before()
    {
        using Lesson lesson = await Lesson.Begin(hosts.One, "both-at-once");
        using Visitor there = lesson.Student.Copy(hosts.Other);
        for (int i = 0; i < 2; i++)
        {
            double wrong = 180 - lesson.TrueMeasure(i);
            Reply[] both = await Task.WhenAll(
                new[] { lesson.Student, there }.Select(v =>
                    v.Post(
                        lesson.AnswersPath,
                        new JsonObject
                        {
                            ["id"] = Guid.NewGuid(),
                            ["itemIndex"] = i,
                            ["response"] = Lesson.Reading(Math.Round(wrong)),
                        }
                    )
                )
            );
            both.ShouldAllBe(r => r.Status == HttpStatusCode.OK);
            both.Select(r => r["try"].GetValue<int>()).Order().ShouldBe([1, 2]);
        }
    }

    [Fact]
    public async Task A_change_at_one_host_is_heard_at_the_other()
    {
        using Lesson lesson = await Lesson.Begin(hosts.One, "heard");
        using Visitor there = lesson.Student.Copy(hosts.Other);
        string bench = $"bench/assignments/{lesson.AssignmentId}";
        async Task Heard(Func<Task<bool>> seen)
        {
            for (int i = 0; !await seen(); i++)
            {
                i.ShouldBeLessThan(100);
                await Task.Delay(10);
            }
        }
        (await there.Get(bench)).Text("title").ShouldBe("Harbour");
        await lesson.Teacher.Patch(
            $"assignments/{lesson.AssignmentId}",
            new JsonObject { ["title"] = "Monday" }
        );
        await Heard(async () => (await there.Get(bench)).Text("title") == "Monday");
        int asks = (await there.Get(bench))["items"][0]!["view"]!["asks"]!.AsArray().Count;
        (
            await lesson.Teacher.Put(
                $"classes/{lesson.ClassId}/rules",
                new JsonObject { ["estimateFirst"] = true }
            )
        ).Status.ShouldBe(HttpStatusCode.NoContent);
        await Heard(async () =>
            (await there.Get(bench))["items"][0]!["view"]!["asks"]!.AsArray().Count != asks
        );
        await lesson.Student.Delete("bench/session");
        await Heard(async () => (await there.Get(bench)).Status == HttpStatusCode.Unauthorized);
    }

    [Fact]
    public async Task While_a_host_cannot_hear_it_remembers_nothing()
    {
        using Lesson lesson = await Lesson.Begin(hosts.One, "deaf");
        using Visitor there = lesson.Student.Copy(hosts.Other);
        string bench = $"bench/assignments/{lesson.AssignmentId}";
        await there.Get(bench);
        for (int i = 0; i < 5; i++)
        {
            // The other host's line is cut, and something changes meanwhile.
            TestDatabase.Run(
                hosts.One.Connection,
                """
                SELECT pg_terminate_backend(pid) FROM pg_stat_activity
                WHERE datname = current_database() AND (query LIKE 'LISTEN%' OR (query = 'SELECT 1' AND state = 'idle'))
                """
            );
            await lesson.Teacher.Patch(
                $"assignments/{lesson.AssignmentId}",
                new JsonObject { ["title"] = $"Title {i}" }
            );
            await Task.Delay(30);
            (await there.Get(bench)).Text("title").ShouldBe($"Title {i}");
        }
    }

    [Fact]
    public async Task An_instrument_and_a_running_order_are_replaced_whole_or_not_at_all()
    {
        using Lesson lesson = await Lesson.Begin(hosts.One, "replaced");
        using Visitor there = lesson.Teacher.Copy(hosts.Other);
        Reply[] replies = await Task.WhenAll(
            Enumerable
                .Range(0, 8)
                .Select(i =>
                    (i % 2 == 0 ? lesson.Teacher : there).Post("cabinet", Lesson.OwnInstrument())
                )
        );
        replies.ShouldAllBe(r => r.Status == HttpStatusCode.Created);
        (await lesson.Teacher.Get("cabinet")).Body!.AsArray().Count.ShouldBe(1);
        JsonObject fresh = Lesson.OwnInstrument("fresh");
        replies = await Task.WhenAll(
            Enumerable
                .Range(0, 8)
                .Select(i =>
                    (i % 2 == 0 ? lesson.Teacher : there).Post("cabinet", fresh.DeepClone())
                )
        );
        replies.ShouldAllBe(r => r.Status == HttpStatusCode.Created);
        (await lesson.Teacher.Get("cabinet")).Body!.AsArray().Count.ShouldBe(2);
    }
}
