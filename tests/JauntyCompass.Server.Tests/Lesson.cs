using System.Text.Json.Nodes;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Files;
using JauntyCompass.Server.Features.Accounts;
using Microsoft.Extensions.DependencyInjection;

namespace JauntyCompass.Server.Tests;

/// <summary>A teacher with a class, a student at the Bench, and a set given to the class.</summary>
public sealed class Lesson : IDisposable
{
    private Lesson(Visitor teacher, Visitor student)
    {
        Teacher = teacher;
        Student = student;
    }

    public Visitor Teacher { get; }
    public Visitor Student { get; }
    public string TeacherId { get; private set; } = "";
    public string ClassId { get; private set; } = "";
    public string Code { get; private set; } = "";
    public string StudentId { get; private set; } = "";
    public string Pin { get; private set; } = "";
    public string SetId { get; private set; } = "";
    public string AssignmentId { get; private set; } = "";
    public string CabinetId { get; private set; } = "";
    public string OrderId { get; private set; } = "";
    public JsonArray Items { get; private set; } = [];

    public string AnswersPath => $"bench/assignments/{AssignmentId}/answers";

    public static JsonObject Specification(int measure = 2, int draw = 1) =>
        new()
        {
            ["kinds"] = new JsonArray(
                new JsonObject { ["kind"] = "measure", ["count"] = measure },
                new JsonObject { ["kind"] = "draw", ["count"] = draw }
            ),
        };

    public static JsonObject OwnInstrument(string id = "own-desk") =>
        new()
        {
            ["instrument"] = new JsonObject
            {
                ["id"] = id,
                ["name"] = "Our own",
                ["shape"] = "halfCircle",
                ["edgeRadius"] = 60,
                ["halfLength"] = 62,
                ["inset"] = 5,
                ["smallestGraduation"] = 1,
                ["scales"] = new JsonArray(
                    new JsonObject
                    {
                        ["id"] = "only",
                        ["radius"] = 50,
                        ["zeroAt"] = 0,
                        ["growth"] = "anticlockwise",
                        ["extent"] = 180,
                    }
                ),
            },
        };

    public static JsonObject Draft(string reading) =>
        new()
        {
            ["values"] = new JsonObject { ["reading"] = reading },
            ["placements"] = new JsonObject(),
            ["strokes"] = new JsonArray(),
            ["dots"] = new JsonArray(),
            ["arc"] = null,
            ["dotPlacement"] = null,
            ["placement"] = new JsonObject
            {
                ["centre"] = new JsonObject { ["x"] = 3, ["y"] = -20.5 },
                ["turn"] = 12,
            },
            ["laid"] = true,
            ["part"] = 0,
        };

    /// <summary>A set file with one item.</summary>
    public static string SetText { get; } =
        JsonFile.Write(
            SetFile.Of(
                "One angle",
                new SetSpecification([new KindCount("measure", 1)]),
                7,
                SetGenerator.Version,
                [
                    SetGenerator
                        .Generate(new SetSpecification([new KindCount("measure", 1)]), 7)
                        .Items[0]
                        .Item,
                ],
                []
            )
        );

    public static JsonObject Order() =>
        new()
        {
            ["name"] = "Both scales",
            ["items"] = new JsonArray(
                new JsonObject { ["title"] = "Measure", ["query"] = "?measure=64" }
            ),
        };

    public static async Task<Lesson> Begin(JauntyServer server, string teacher)
    {
        var lesson = new Lesson(new Visitor(server), new Visitor(server));
        lesson.TeacherId = (await lesson.Teacher.BecomeTeacher(teacher)).Text("id");
        Reply made = await lesson.Teacher.Post("classes", new JsonObject { ["name"] = "6 Heron" });
        (lesson.ClassId, lesson.Code) = (made.Text("id"), made.Text("code"));
        Reply student = await lesson.Teacher.Post(
            $"classes/{lesson.ClassId}/students",
            new JsonObject { ["givenName"] = "Wren" }
        );
        (lesson.StudentId, lesson.Pin) = (student.Text("studentId"), student.Text("pin"));
        Reply set = await lesson.Teacher.Post(
            "sets",
            new JsonObject
            {
                ["title"] = "Harbour",
                ["specification"] = Specification(),
                ["seed"] = 7,
            }
        );
        lesson.SetId = set.Text("id");
        Reply given = await lesson.Teacher.Post(
            "assignments",
            new JsonObject
            {
                ["setId"] = lesson.SetId,
                ["classId"] = lesson.ClassId,
                ["tries"] = 2,
            }
        );
        lesson.AssignmentId = given.Text("id");
        lesson.CabinetId = (await lesson.Teacher.Post("cabinet", OwnInstrument())).Text("id");
        lesson.OrderId = (await lesson.Teacher.Post("running-orders", Order())).Text("id");
        await lesson.Student.Join(lesson.Code, "Wren", lesson.Pin);
        lesson.Items = (await lesson.Student.Get($"bench/assignments/{lesson.AssignmentId}"))[
            "items"
        ]
            .AsArray();
        return lesson;
    }

    /// <summary>Lets the teacher look after the accounts.</summary>
    public async Task MakeHead(JauntyServer server)
    {
        await using AsyncServiceScope scope = server.Services.CreateAsyncScope();
        await scope
            .ServiceProvider.GetRequiredService<TeacherAccounts>()
            .SetHead(Guid.Parse(TeacherId), head: true, default);
    }

    /// <summary>The angle of an item, as the student sees it.</summary>
    public JsonNode AngleOf(int item) => Seen.Angle(Items[item]!);

    public double TrueMeasure(int item) => AngleOf(item)["measure"]!.GetValue<double>();

    public static JsonObject Reading(double degrees) =>
        new() { ["kind"] = "measure", ["reading"] = degrees };

    public Task<Reply> HandIn(Guid id, int item, JsonNode response) =>
        Student.Post(
            AnswersPath,
            new JsonObject
            {
                ["id"] = id,
                ["itemIndex"] = item,
                ["response"] = response,
            }
        );

    public void Dispose()
    {
        Teacher.Dispose();
        Student.Dispose();
    }
}
