using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>What a teacher keeps: house rules of a class, instruments in the cabinet, running orders.</summary>
public sealed class TeachersThingsTests(JauntyServer server)
{
    [Fact]
    public async Task House_rules_of_a_class_are_kept_and_bad_ones_refused_beside_their_field()
    {
        using Lesson lesson = await Lesson.Begin(server, "rules");
        string path = $"classes/{lesson.ClassId}/rules";
        var rules = new JsonObject
        {
            ["scale"] = "sizeFirst",
            ["confirming"] = "startAtZero",
            ["reflex"] = "addTo180",
            ["words"] = new JsonObject { ["arm"] = "ray" },
        };
        (await Put(lesson, path, rules)).Status.ShouldBe(HttpStatusCode.NoContent);
        JsonNode kept = (await lesson.Teacher.Get("classes")).Body![0]!["rules"]!;
        kept["scale"]!.GetValue<string>().ShouldBe("sizeFirst");
        kept["words"]!["arm"]!.GetValue<string>().ShouldBe("ray");
        kept["words"]!["zeroLine"].ShouldBeNull();

        rules["words"]!["arm"] = "leg";
        Reply refused = await Put(lesson, path, rules);
        refused.Status.ShouldBe(HttpStatusCode.BadRequest);
        refused["errors"]["words.arm"].ShouldNotBeNull();
    }

    [Fact]
    public async Task Feedback_on_the_Bench_speaks_in_the_words_of_the_class()
    {
        using Lesson lesson = await Lesson.Begin(server, "benchwords");
        var rules = new JsonObject
        {
            ["degrees"] = "words",
            ["words"] = new JsonObject { ["centreMark"] = "hole", ["arm"] = "ray" },
        };
        (await Put(lesson, $"classes/{lesson.ClassId}/rules", rules)).Status.ShouldBe(
            HttpStatusCode.NoContent
        );
        JsonObject answer = Lesson.Reading(lesson.TrueMeasure(0));
        JsonNode vertex = lesson.AngleOf(0)["vertex"]!.DeepClone();
        bool opensRight = lesson.AngleOf(0)["opening"]!.GetValue<string>() == "anticlockwise";
        double start = lesson.AngleOf(0)["start"]!.GetValue<double>();
        answer["placement"] = new JsonObject
        {
            ["centre"] = vertex,
            ["turn"] = opensRight ? start : start + 180,
        };
        Reply marked = await lesson.HandIn(Guid.NewGuid(), 0, answer);
        string told = marked["mark"]["feedback"]!.ToJsonString();
        told.ShouldContain("hole on the vertex");
        told.ShouldContain("degrees fits the angle");
        told.ShouldNotContain("centre mark");

        // Changed words are heard at the very next answer.
        rules["words"]!["centreMark"] = "cross";
        await Put(lesson, $"classes/{lesson.ClassId}/rules", rules);
        answer = (JsonObject)answer.DeepClone();
        Reply again = await lesson.HandIn(Guid.NewGuid(), 0, answer);
        again["mark"]["feedback"]!.ToJsonString().ShouldContain("cross on the vertex");
    }

    [Fact]
    public async Task Results_name_a_replay_made_of_a_real_placement_and_the_rules_of_the_class()
    {
        using Lesson lesson = await Lesson.Begin(server, "replays");
        await Put(
            lesson,
            $"classes/{lesson.ClassId}/rules",
            new JsonObject { ["scale"] = "sizeFirst" }
        );
        for (int item = 0; item < 2; item++)
        {
            JsonNode angle = lesson.AngleOf(item);
            JsonObject wrong = Lesson.Reading(180 - lesson.TrueMeasure(item));
            double start = angle["start"]!.GetValue<double>();
            bool anticlockwise = angle["opening"]!.GetValue<string>() == "anticlockwise";
            wrong["placement"] = new JsonObject
            {
                ["centre"] = angle["vertex"]!.DeepClone(),
                ["turn"] = anticlockwise ? start : start + 180,
            };
            await lesson.HandIn(Guid.NewGuid(), item, wrong);
        }
        Reply results = await lesson.Teacher.Get($"assignments/{lesson.AssignmentId}/results");
        results["rules"]["scale"]!.GetValue<string>().ShouldBe("sizeFirst");
        JsonNode example = results["groups"][0]!["example"]!;
        example["demonstration"]!.GetValue<string>().ShouldBe("wrong-other-scale");
        example["placement"]!["centre"]!["x"].ShouldNotBeNull();
        example["answered"]!
            .GetValue<double>()
            .ShouldBe(180 - example["asked"]!.GetValue<double>(), 0.1);
    }

    [Fact]
    public async Task What_goes_wrong_in_drawings_is_taught_by_a_drawing_of_a_member_of_the_group()
    {
        using Lesson lesson = await Lesson.Begin(server, "drawn");
        Reply set = await lesson.Teacher.Post(
            "sets",
            new JsonObject
            {
                ["title"] = "Sails",
                ["specification"] = new JsonObject
                {
                    ["kinds"] = new JsonArray(new JsonObject { ["kind"] = "draw", ["count"] = 4 }),
                },
                ["seed"] = 3,
            }
        );
        Reply given = await lesson.Teacher.Post(
            "assignments",
            new JsonObject { ["setId"] = set.Text("id"), ["classId"] = lesson.ClassId }
        );
        JsonArray items = (await lesson.Teacher.Get($"sets/{set.Text("id")}"))["items"].AsArray();
        string path = $"bench/assignments/{given.Text("id")}/answers";
        for (int i = 0; i < items.Count; i++)
        {
            JsonNode item = items[i]!["item"]!;
            JsonNode ray = items[i]!["view"]!["drawing"]!["baseRay"]!;
            double turn = item["measure"]!.GetValue<double>();
            if (item["opening"]!.GetValue<string>() == "clockwise")
            {
                turn = -turn;
            }
            double start = ray["direction"]!.GetValue<double>();
            JsonObject At(double direction, double distance) =>
                new()
                {
                    ["x"] =
                        ray["vertex"]!["x"]!.GetValue<double>()
                        + distance * Math.Cos(direction * Math.PI / 180),
                    ["y"] =
                        ray["vertex"]!["y"]!.GetValue<double>()
                        + distance * Math.Sin(direction * Math.PI / 180),
                };
            // The right opening, but the second arm begins eight millimetres away from the vertex.
            Reply handedIn = await lesson.Student.Post(
                path,
                new JsonObject
                {
                    ["id"] = Guid.NewGuid(),
                    ["itemIndex"] = i,
                    ["response"] = new JsonObject
                    {
                        ["kind"] = "draw",
                        ["strokes"] = new JsonArray(
                            new JsonObject
                            {
                                ["points"] = new JsonArray(
                                    At(start + turn, 8),
                                    At(start + turn, 95)
                                ),
                            }
                        ),
                        ["dots"] = new JsonArray(At(start + turn, 78)),
                        ["arc"] = At(start + turn / 2, 14),
                    },
                }
            );
            handedIn.Status.ShouldBe(HttpStatusCode.OK);
            handedIn["mark"]["feedback"]!["happened"]!["id"]!
                .GetValue<string>()
                .ShouldBe("mistakes.gap-at-vertex.happened");
        }
        Reply results = await lesson.Teacher.Get($"assignments/{given.Text("id")}/results");
        JsonNode group = results["groups"].AsArray().Single()!;
        group["cause"]!.GetValue<string>().ShouldBe("gap-at-vertex");
        JsonNode example = group["example"]!;
        example["demonstration"]!.GetValue<string>().ShouldBe("drawn-gap-at-vertex");
        example["answered"].ShouldBeNull();
        example["asked"]!
            .GetValue<double>()
            .ShouldBe(items[0]!["item"]!["measure"]!.GetValue<double>());
    }

    [Fact]
    public async Task An_instrument_of_the_same_name_is_replaced_and_one_of_ours_cannot_be()
    {
        using Lesson lesson = await Lesson.Begin(server, "cabinet");
        JsonObject changed = Lesson.OwnInstrument();
        changed["instrument"]!["inset"] = 9;
        Reply kept = await lesson.Teacher.Post("cabinet", changed);
        kept.Status.ShouldBe(HttpStatusCode.Created);
        JsonArray all = (await lesson.Teacher.Get("cabinet")).Body!.AsArray();
        all.Count.ShouldBe(1);
        all[0]!["instrument"]!["protractor"]!["inset"]!.GetValue<double>().ShouldBe(9);
        all[0]!["instrument"]!["face"]!["graduations"]!.AsArray().Count.ShouldBe(181);
        (
            await lesson.Teacher.Post("cabinet", Lesson.OwnInstrument("desk-half-circle"))
        ).Status.ShouldBe(HttpStatusCode.BadRequest);
        (await lesson.Teacher.Delete($"cabinet/{kept.Text("id")}")).Status.ShouldBe(
            HttpStatusCode.NoContent
        );
        (await lesson.Teacher.Get("cabinet")).Body!.AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task A_running_order_is_kept_by_its_name()
    {
        using Lesson lesson = await Lesson.Begin(server, "orders");
        JsonObject longer = Lesson.Order();
        longer["items"]!
            .AsArray()
            .Add(
                new JsonObject
                {
                    ["title"] = "Draw",
                    ["query"] = "?show=draw&measure=128",
                    ["hands"] = new JsonArray(
                        new JsonObject
                        {
                            ["step"] = "kind",
                            ["counts"] = new JsonArray(15, null, 9),
                        }
                    ),
                }
            );
        (await lesson.Teacher.Post("running-orders", longer)).Status.ShouldBe(
            HttpStatusCode.Created
        );
        JsonArray all = (await lesson.Teacher.Get("running-orders")).Body!.AsArray();
        all.ShouldHaveSingleItem()!["items"]!.AsArray().Count.ShouldBe(2);
        all[0]!["items"]![1]!["hands"]![0]!["counts"]!.ToJsonString().ShouldBe("[15,null,9]");
        longer["items"]![1]!["hands"]![0]!["counts"]![1] = -1;
        (await lesson.Teacher.Post("running-orders", longer))["errors"]
            ["items[1].hands[0].counts[1]"]
            .ShouldNotBeNull();
        longer["items"]![1]!["query"] = "javascript:alert(1)";
        Reply refused = await lesson.Teacher.Post("running-orders", longer);
        refused["errors"]["items[1].query"].ShouldNotBeNull();
        (await lesson.Teacher.Get("running-orders")).Body!.AsArray().Count.ShouldBe(1);
    }

    private static Task<Reply> Put(Lesson lesson, string path, JsonObject body) =>
        lesson.Teacher.Send(
            HttpMethod.Put,
            path,
            new StringContent(body.ToJsonString(), System.Text.Encoding.UTF8, "application/json")
        );
}
