using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>What the Bench keeps before it is handed in, and what it asks next where each student is asked their own.</summary>
public sealed class BenchKeepsTests(JauntyServer server)
{
    [Fact]
    public async Task A_draft_is_there_at_another_device_until_it_is_handed_in()
    {
        using Lesson lesson = await Lesson.Begin(server, "drafts");
        string bench = $"bench/assignments/{lesson.AssignmentId}";
        (await lesson.Student.Put($"{bench}/drafts/1", Lesson.Draft("4"))).Status.ShouldBe(
            HttpStatusCode.NoContent
        );
        await lesson.Student.Put($"{bench}/drafts/1", Lesson.Draft("47"));

        using var tablet = new Visitor(server);
        await tablet.Join(lesson.Code, "Wren", lesson.Pin);
        JsonNode kept = (await tablet.Get(bench))["drafts"].AsArray().ShouldHaveSingleItem()!;
        kept["itemIndex"]!.GetValue<int>().ShouldBe(1);
        JsonNode draft = kept["draft"]!;
        draft["values"]!["reading"]!.GetValue<string>().ShouldBe("47");
        draft["placement"]!["centre"]!["y"]!.GetValue<double>().ShouldBe(-20.5);

        await lesson.HandIn(Guid.NewGuid(), 1, Lesson.Reading(lesson.TrueMeasure(1)));
        (await tablet.Get(bench))["drafts"].AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task A_construction_goes_on_at_another_device_with_its_arcs_and_its_opening()
    {
        using Lesson lesson = await Lesson.Begin(server, "drafts-constructed");
        string bench = $"bench/assignments/{lesson.AssignmentId}";
        JsonObject begun = Lesson.Draft("");
        begun["arcs"] = JsonNode.Parse(
            """[{ "needle": { "x": 0, "y": 0 }, "points": [{ "x": 40, "y": 0 }, { "x": 39.8, "y": 4 }] }]"""
        );
        begun["compass"] = JsonNode.Parse(
            """{ "needle": { "x": 40, "y": 0 }, "pencil": { "x": 68, "y": 28 } }"""
        );
        await lesson.Student.Put($"{bench}/drafts/1", begun);

        using var tablet = new Visitor(server);
        await tablet.Join(lesson.Code, "Wren", lesson.Pin);
        JsonNode kept = (await tablet.Get(bench))["drafts"]!.AsArray().ShouldHaveSingleItem()![
            "draft"
        ]!;
        JsonNode.DeepEquals(kept["arcs"], begun["arcs"]).ShouldBeTrue();
        JsonNode.DeepEquals(kept["compass"], begun["compass"]).ShouldBeTrue();

        begun["compass"]!["pencil"]!["x"] = 1e7;
        (await lesson.Student.Put($"{bench}/drafts/1", begun)).Status.ShouldBe(
            HttpStatusCode.BadRequest
        );
    }

    [Fact]
    public async Task A_long_equation_and_how_the_ruler_lies_are_there_at_another_device()
    {
        using Lesson lesson = await Lesson.Begin(server, "drafts-long");
        string bench = $"bench/assignments/{lesson.AssignmentId}";
        string equation = string.Join(" + ", Enumerable.Repeat("1/2 x", 20)) + " = 180";
        JsonObject begun = Lesson.Draft(equation);
        begun["ruler"] = JsonNode.Parse("""{ "centre": { "x": -30.5, "y": 12 }, "turn": 41 }""");
        (await lesson.Student.Put($"{bench}/drafts/0", begun)).Status.ShouldBe(
            HttpStatusCode.NoContent
        );

        using var tablet = new Visitor(server);
        await tablet.Join(lesson.Code, "Wren", lesson.Pin);
        JsonNode kept = (await tablet.Get(bench))["drafts"]!.AsArray().ShouldHaveSingleItem()![
            "draft"
        ]!;
        kept["values"]!["reading"]!.GetValue<string>().ShouldBe(equation);
        kept["ruler"]!["centre"]!["x"]!.GetValue<double>().ShouldBe(-30.5);
        kept["ruler"]!["turn"]!.GetValue<double>().ShouldBe(41);

        begun["ruler"]!["centre"]!["y"] = 1e7;
        (await lesson.Student.Put($"{bench}/drafts/0", begun)).Status.ShouldBe(
            HttpStatusCode.BadRequest
        );
    }

    [Fact]
    public async Task A_draft_is_checked_and_only_ever_the_students_own()
    {
        using Lesson lesson = await Lesson.Begin(server, "drafts-checked");
        string bench = $"bench/assignments/{lesson.AssignmentId}";
        JsonObject far = Lesson.Draft("4");
        far["placement"]!["centre"]!["x"] = 1e7;
        (await lesson.Student.Put($"{bench}/drafts/0", far)).Status.ShouldBe(
            HttpStatusCode.BadRequest
        );
        (
            await lesson.Student.Put($"{bench}/drafts/0", Lesson.Draft(new string('4', 500)))
        ).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await lesson.Student.Put($"{bench}/drafts/99", Lesson.Draft("4"))).Status.ShouldBe(
            HttpStatusCode.NotFound
        );
        (
            await lesson.Student.Put(
                $"bench/assignments/{Guid.NewGuid()}/drafts/0",
                Lesson.Draft("4")
            )
        ).Status.ShouldBe(HttpStatusCode.NotFound);
        (await lesson.Teacher.Put($"{bench}/drafts/0", Lesson.Draft("4"))).Status.ShouldBe(
            HttpStatusCode.Unauthorized
        );
    }

    [Fact]
    public async Task Each_is_asked_their_own_items_until_it_is_known_what_they_do()
    {
        using Lesson lesson = await Lesson.Begin(server, "adaptive");
        Reply set = await lesson.Teacher.Post(
            "sets",
            new JsonObject
            {
                ["title"] = "One by one",
                ["specification"] = new JsonObject
                {
                    ["kinds"] = new JsonArray(
                        new JsonObject { ["kind"] = "measure", ["count"] = 12 }
                    ),
                    ["mistakes"] = new JsonArray("other-scale", "wrong-ten", "ticks-backwards"),
                },
                ["seed"] = 9,
            }
        );
        Reply given = await lesson.Teacher.Post(
            "assignments",
            new JsonObject
            {
                ["setId"] = set.Text("id"),
                ["classId"] = lesson.ClassId,
                ["adaptiveLimit"] = 8,
            }
        );
        string bench = $"bench/assignments/{given.Text("id")}";
        JsonArray items = (await lesson.Student.Get(bench))["items"].AsArray();
        var asked = new List<int>();
        for (int round = 0; round < 9; round++)
        {
            JsonNode? next = (await lesson.Student.Get($"{bench}/next")).Body!["itemIndex"];
            if (next is null)
            {
                break;
            }
            int item = next.GetValue<int>();
            asked.ShouldNotContain(item);
            asked.Add(item);
            double measure = Seen.Measure(items[item]!);
            await lesson.Student.Post(
                $"{bench}/answers",
                new JsonObject
                {
                    ["id"] = Guid.NewGuid(),
                    ["itemIndex"] = item,
                    ["response"] = Lesson.Reading(180 - measure),
                }
            );
        }
        // Who reads the other scale every time is known long before the limit.
        asked.Count.ShouldBeInRange(1, 4);
        JsonNode listed = (await lesson.Student.Get("bench/assignments"))
            .Body!.AsArray()
            .First(a => a!["id"]!.GetValue<string>() == given.Text("id"))!;
        listed["items"]!.GetValue<int>().ShouldBe(8);
        (await lesson.Student.Get($"bench/assignments/{lesson.AssignmentId}/next")).Status.ShouldBe(
            HttpStatusCode.NotFound
        );
    }

    [Fact]
    public async Task The_open_choice_of_a_next_item_names_what_is_wrong_with_a_request()
    {
        using Lesson lesson = await Lesson.Begin(server, "next-item");
        JsonArray items = (await lesson.Teacher.Get($"sets/{lesson.SetId}"))["items"].AsArray();
        JsonObject Request(params (int Index, JsonObject Response)[] answers) =>
            new()
            {
                ["items"] = new JsonArray([.. items.Select(i => i!["item"]!.DeepClone())]),
                ["answers"] = new JsonArray([
                    .. answers.Select(a => new JsonObject
                    {
                        ["itemIndex"] = a.Index,
                        ["response"] = a.Response,
                    }),
                ]),
            };
        Reply first = await lesson.Teacher.Post("next-item", Request());
        first["item"].GetValue<int>().ShouldBeInRange(0, 2);
        foreach (
            JsonObject bad in new[]
            {
                Request((7, Lesson.Reading(3))),
                Request((0, Lesson.Reading(3)), (0, Lesson.Reading(4))),
                Request((2, Lesson.Reading(3))),
            }
        )
        {
            Reply refused = await lesson.Teacher.Post("next-item", bad);
            refused.Status.ShouldBe(HttpStatusCode.BadRequest);
            refused["errors"].ToJsonString().ShouldContain("answers[");
        }
    }
}
