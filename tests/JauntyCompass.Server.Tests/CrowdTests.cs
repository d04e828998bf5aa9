using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>Many hand in at the same moment: answers are written together, and each is decided as if it had come alone.</summary>
public sealed class CrowdTests(LimitedServer server) : IClassFixture<LimitedServer>
{
    private const int Students = 12;

    private static async Task<List<Visitor>> Crowd(Lesson lesson, LimitedServer server)
    {
        var crowd = new List<Visitor>();
        for (int i = 0; i < Students; i++)
        {
            Reply added = await lesson.Teacher.Post(
                $"classes/{lesson.ClassId}/students",
                new JsonObject { ["givenName"] = $"Gull {i}" }
            );
            var visitor = new Visitor(server);
            await visitor.Join(lesson.Code, $"Gull {i}", added.Text("pin"));
            crowd.Add(visitor);
        }
        return crowd;
    }

    private static JsonObject Answer(Guid id, int item, double reading) =>
        new()
        {
            ["id"] = id,
            ["itemIndex"] = item,
            ["response"] = Lesson.Reading(reading),
        };

    [Fact]
    public async Task Each_answer_of_a_crowd_is_stored_once_and_marked_for_its_own_student()
    {
        using Lesson lesson = await Lesson.Begin(server, "crowd");
        List<Visitor> crowd = await Crowd(lesson, server);
        (Visitor Who, Guid Id, int Item)[] sent =
        [
            .. crowd.SelectMany(v => new[] { 0, 1 }.Select(i => (v, Guid.NewGuid(), i))),
        ];
        // Each is sent twice at once, as an outbox does whose first try seemed to fail.
        Reply[] replies = await Task.WhenAll(
            sent.Concat(sent)
                .Select(s => s.Who.Post(lesson.AnswersPath, Answer(s.Id, s.Item, 41 + s.Item)))
        );
        replies.ShouldAllBe(r => r.Status == HttpStatusCode.OK);
        replies.Select(r => r.Text("id")).Distinct().Count().ShouldBe(sent.Length);
        replies.ShouldAllBe(r => r["try"].GetValue<int>() == 1);
        foreach (Visitor visitor in crowd)
        {
            JsonArray own = (await visitor.Get($"bench/assignments/{lesson.AssignmentId}"))[
                "answers"
            ]
                .AsArray();
            own.Select(a => a!["response"]!["reading"]!.GetValue<double>()).ShouldBe([41, 42]);
            visitor.Dispose();
        }
    }

    [Fact]
    public async Task Of_many_tries_at_the_same_moment_no_more_are_taken_than_are_allowed()
    {
        using Lesson lesson = await Lesson.Begin(server, "crowd-tries");
        Reply[] replies = await Task.WhenAll(
            Enumerable
                .Range(0, 8)
                .Select(i => lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(40 + i)))
        );
        Reply[] taken = [.. replies.Where(r => r.Status == HttpStatusCode.OK)];
        taken.Select(r => r["try"].GetValue<int>()).Order().ShouldBe([1, 2]);
        replies
            .Where(r => r.Status != HttpStatusCode.OK)
            .ShouldAllBe(r => r.Status == HttpStatusCode.Conflict);
    }

    [Fact]
    public async Task One_who_is_no_longer_in_the_class_does_not_hold_up_the_others()
    {
        using Lesson lesson = await Lesson.Begin(server, "crowd-gone");
        List<Visitor> crowd = await Crowd(lesson, server);
        await lesson.Teacher.Delete($"classes/{lesson.ClassId}/students/{lesson.StudentId}");
        Reply[] replies = await Task.WhenAll(
            crowd
                .Append(lesson.Student)
                .Select(v => v.Post(lesson.AnswersPath, Answer(Guid.NewGuid(), 0, 50)))
        );
        replies.Count(r => r.Status == HttpStatusCode.OK).ShouldBe(Students);
        replies[^1].Status.ShouldNotBe(HttpStatusCode.OK);
        crowd.ForEach(v => v.Dispose());
    }

    [Fact]
    public async Task An_assignment_that_is_closed_in_the_middle_takes_nothing_after_that()
    {
        using Lesson lesson = await Lesson.Begin(server, "crowd-closed");
        await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(40));
        await lesson.Teacher.Patch(
            $"assignments/{lesson.AssignmentId}",
            new JsonObject { ["closed"] = true }
        );
        Reply[] replies = await Task.WhenAll(
            Enumerable.Range(0, 4).Select(_ => lesson.HandIn(Guid.NewGuid(), 1, Lesson.Reading(40)))
        );
        replies.ShouldAllBe(r => r.Status == HttpStatusCode.Conflict);
        replies[0].Text("title").ShouldBe("This set is closed.");
    }

    // A draft that was on its way while the item was handed in must not lie on the sheet at the next try.
    [Fact]
    public async Task A_draft_that_comes_right_after_its_answer_is_not_kept()
    {
        using Lesson lesson = await Lesson.Begin(server, "late-draft");
        string bench = $"bench/assignments/{lesson.AssignmentId}";
        await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(40));
        (await lesson.Student.Put($"{bench}/drafts/0", Lesson.Draft("4"))).Status.ShouldBe(
            HttpStatusCode.NoContent
        );
        await lesson.Student.Put($"{bench}/drafts/1", Lesson.Draft("5"));
        (await lesson.Student.Get(bench))["drafts"].AsArray().ShouldHaveSingleItem()!["itemIndex"]!
            .GetValue<int>()
            .ShouldBe(1);
    }
}
