using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>Kinds, mistakes and ready sets as lists; parallel forms; twins and “show me”; the look back.</summary>
public sealed class ExercisesTests(JauntyServer server)
{
    [Fact]
    public async Task Kinds_mistakes_and_ready_sets_are_listed_and_fit_together()
    {
        using Lesson lesson = await Lesson.Begin(server, "lists");
        JsonArray kinds = (await lesson.Teacher.Get("exercise-kinds")).Body!.AsArray();
        JsonArray mistakes = (await lesson.Teacher.Get("mistakes")).Body!.AsArray();
        string[] known = [.. mistakes.Select(m => m!["key"]!.GetValue<string>())];
        kinds.Count.ShouldBeGreaterThan(15);
        foreach (JsonNode? kind in kinds)
        {
            kind!["mistakes"]!.AsArray().Select(m => m!.GetValue<string>()).ShouldBeSubsetOf(known);
        }
        mistakes.ShouldAllBe(m => m!["remedy"]!["text"]!.GetValue<string>().Length > 10);

        foreach (JsonNode? ready in (await lesson.Teacher.Get("sets/ready")).Body!.AsArray())
        {
            Reply made = await lesson.Teacher.Post(
                "sets/generate",
                new JsonObject
                {
                    ["specification"] = ready!["specification"]!.DeepClone(),
                    ["seed"] = 4,
                }
            );
            made.Status.ShouldBe(HttpStatusCode.OK);
            made["items"].AsArray().Count.ShouldBeGreaterThan(3);
            made["report"]["shown"].ShouldNotBeNull();
            foreach (JsonNode? answer in made["items"].AsArray().SelectMany(Prediction))
            {
                answer!["text"]!["text"]!.GetValue<string>().ShouldNotBeEmpty();
            }
        }
    }

    private static IEnumerable<JsonNode?> Prediction(JsonNode? item) =>
        item!["predictions"]!.AsArray().SelectMany(e => e!["answers"]!.AsArray());

    [Fact]
    public async Task Students_get_numbers_of_their_own_and_are_marked_by_them()
    {
        using Lesson lesson = await Lesson.Begin(server, "forms");
        JsonObject specification = Lesson.Specification();
        specification["forms"] = 12;
        Reply set = await lesson.Teacher.Post(
            "sets",
            new JsonObject
            {
                ["title"] = "Own numbers",
                ["specification"] = specification,
                ["seed"] = 5,
            }
        );
        Reply given = await lesson.Teacher.Post(
            "assignments",
            new JsonObject
            {
                ["setId"] = set.Text("id"),
                ["classId"] = lesson.ClassId,
                ["tries"] = 2,
            }
        );
        string path = $"bench/assignments/{given.Text("id")}";
        var measures = new HashSet<string>();
        foreach (string name in (string[])["Ada", "Bo", "Cy", "Di", "Em"])
        {
            string pin = (
                await lesson.Teacher.Post(
                    $"classes/{lesson.ClassId}/students",
                    new JsonObject { ["givenName"] = name }
                )
            ).Text("pin");
            using Visitor student = new Visitor(server);
            await student.Join(lesson.Code, name, pin);
            JsonArray items = (await student.Get(path))["items"].AsArray();
            double own = Seen.Measure(items[0]!);
            measures.Add(string.Join(' ', items.Select(i => Measure(i!))));
            Reply right = await student.Post(
                $"{path}/answers",
                new JsonObject
                {
                    ["id"] = Guid.NewGuid(),
                    ["itemIndex"] = 0,
                    ["response"] = Lesson.Reading(own),
                }
            );
            right["mark"]["verdict"]!.GetValue<string>().ShouldBe("accepted");
        }
        measures.Count.ShouldBeGreaterThan(1);
        JsonArray rows = (await lesson.Teacher.Get($"assignments/{given.Text("id")}/results"))[
            "students"
        ]
            .AsArray();
        rows.Count(r => r!["credit"] is not null).ShouldBe(5);

        static string Measure(JsonNode item) =>
            item["figures"]!.AsArray().Count > 0
                ? Seen.Angle(item).ToJsonString()
                : item["view"]!["prompt"]!.ToJsonString();
    }

    [Fact]
    public async Task A_twin_is_another_item_of_the_same_kind_and_its_answer_is_not_kept()
    {
        using Lesson lesson = await Lesson.Begin(server, "twins");
        string path = $"bench/assignments/{lesson.AssignmentId}/items/0";
        Reply twin = await lesson.Student.Get($"{path}/twins/1");
        twin.Status.ShouldBe(HttpStatusCode.OK);
        double measure = Seen.Measure(twin.Body!);
        measure.ShouldNotBe(lesson.TrueMeasure(0));
        (await lesson.Student.Get($"{path}/twins/1"))
            .Body!.ToJsonString()
            .ShouldBe(twin.Body!.ToJsonString());
        Reply mark = await lesson.Student.Post(
            $"{path}/twins/1",
            new JsonObject { ["response"] = Lesson.Reading(180 - measure) }
        );
        mark.Text("verdict").ShouldBe("notYet");
        (await lesson.Student.Get($"bench/assignments/{lesson.AssignmentId}"))["answers"]
            .AsArray()
            .ShouldBeEmpty();
        (await lesson.Student.Get($"{path}/twins/0")).Status.ShouldBe(HttpStatusCode.NotFound);
        (
            await lesson.Student.Get($"bench/assignments/{lesson.AssignmentId}/items/99/twins/1")
        ).Status.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_set_of_an_earlier_generator_has_twins_too()
    {
        using Lesson lesson = await Lesson.Begin(server, "old-twins");
        JsonNode file = JsonNode.Parse(Lesson.SetText)!;
        file["generatorVersion"] = 1;
        Reply kept = await lesson.Teacher.Post(
            "sets/read",
            new JsonObject { ["text"] = file.ToJsonString() }
        );
        Reply given = await lesson.Teacher.Post(
            "assignments",
            new JsonObject
            {
                ["setId"] = kept.Text("id"),
                ["classId"] = lesson.ClassId,
                ["tries"] = 2,
            }
        );
        string path = $"bench/assignments/{given.Text("id")}";
        JsonNode item = (await lesson.Student.Get(path))["items"].AsArray()[0]!;
        double truth = Measure(item);
        await lesson.Student.Post(
            $"{path}/answers",
            new JsonObject
            {
                ["id"] = Guid.NewGuid(),
                ["itemIndex"] = 0,
                ["response"] = Lesson.Reading(180 - truth),
            }
        );
        for (int number = 1; number <= 3; number++)
        {
            Reply twin = await lesson.Student.Get($"{path}/items/0/twins/{number}?after=1");
            twin.Status.ShouldBe(HttpStatusCode.OK);
            Measure(twin.Body!).ShouldNotBe(truth);
            Reply again = await lesson.Student.Post(
                $"{path}/items/0/twins/{number}?after=1",
                new JsonObject { ["response"] = Lesson.Reading(180 - Measure(twin.Body!)) }
            );
            again.Text("verdict").ShouldBe("notYet");
            again["feedback"]["happened"]!["text"]!.GetValue<string>().ShouldContain("other scale");
        }

        static double Measure(JsonNode item) => Seen.Measure(item);
    }

    [Fact]
    public async Task Show_me_does_not_tell_the_answer_before_the_last_try()
    {
        using Lesson lesson = await Lesson.Begin(server, "showme");
        string path = $"bench/assignments/{lesson.AssignmentId}/items/0/show";
        (await lesson.Student.Get(path)).Status.ShouldBe(HttpStatusCode.NotFound);
        JsonObject wrong = Lesson.Reading(180 - lesson.TrueMeasure(0));
        await lesson.HandIn(Guid.NewGuid(), 0, wrong);
        Reply early = await lesson.Student.Get(path);
        early["script"]["answer"].ShouldBeNull();
        // What the sheet must draw may travel; how many degrees it has may not, under whatever name.
        early.Body!.ToJsonString().ShouldNotContain("\"measure\":");
        await lesson.HandIn(Guid.NewGuid(), 0, wrong.DeepClone());
        Reply late = await lesson.Student.Get(path);
        late["script"]["steps"]!
            .AsArray()
            .Count.ShouldBeGreaterThan(early["script"]["steps"]!.AsArray().Count);
        late["script"]["answer"]!.GetValue<double>().ShouldBe(lesson.TrueMeasure(0), 1e-9);
    }

    [Fact]
    public async Task A_student_looks_back_and_the_teacher_reads_it()
    {
        using Lesson lesson = await Lesson.Begin(server, "lookback");
        string path = $"bench/assignments/{lesson.AssignmentId}/reflection";
        (await Put(lesson, path, 5, "x")).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await Put(lesson, path, 2, "still unsure")).Status.ShouldBe(HttpStatusCode.OK);
        (await Put(lesson, path, 3, " Zero first. ")).Status.ShouldBe(HttpStatusCode.OK);
        (await lesson.Student.Get($"bench/assignments/{lesson.AssignmentId}"))["reflection"][
            "line"
        ]!
            .GetValue<string>()
            .ShouldBe("Zero first.");
        JsonNode row = (await lesson.Teacher.Get($"assignments/{lesson.AssignmentId}/results"))[
            "students"
        ]
            .AsArray()
            .Single(r => r!["reflection"] is not null)!;
        row["reflection"]!["step"]!.GetValue<int>().ShouldBe(3);
    }

    [Fact]
    public async Task Habits_over_several_items_are_told_with_their_likelihood()
    {
        using Lesson lesson = await Lesson.Begin(server, "habits");
        for (int item = 0; item < 2; item++)
        {
            await lesson.HandIn(
                Guid.NewGuid(),
                item,
                Lesson.Reading(180 - lesson.TrueMeasure(item))
            );
        }
        JsonNode wren = (await lesson.Teacher.Get($"assignments/{lesson.AssignmentId}/results"))[
            "students"
        ]
            .AsArray()
            .Single(r => r!["givenName"]!.GetValue<string>() == "Wren")!;
        JsonNode habit = wren["habits"]![0]!;
        habit["mistake"]!.GetValue<string>().ShouldBe("other-scale");
        habit["named"]!.GetValue<bool>().ShouldBeTrue();
        habit["likelihood"]!.GetValue<double>().ShouldBeInRange(0.5, 1);
        wren["credit"]!.GetValue<double>().ShouldBeLessThan(0.5);
    }

    private static Task<Reply> Put(Lesson lesson, string path, int step, string line) =>
        lesson.Student.Send(
            HttpMethod.Put,
            path,
            new StringContent(
                new JsonObject { ["step"] = step, ["line"] = line }.ToJsonString(),
                System.Text.Encoding.UTF8,
                "application/json"
            )
        );
}
