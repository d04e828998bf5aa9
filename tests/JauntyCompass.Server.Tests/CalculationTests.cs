using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

public sealed class CalculationTests(JauntyServer server) : IClassFixture<JauntyServer>, IDisposable
{
    private readonly Visitor _visitor = new(server);

    private static JsonObject Angle(double measure, double length = 90) =>
        new()
        {
            ["vertex"] = new JsonObject { ["x"] = 0, ["y"] = 0 },
            ["start"] = 0,
            ["measure"] = measure,
            ["opening"] = "anticlockwise",
            ["startLength"] = length,
            ["endLength"] = length,
        };

    private static JsonObject Placement(double x = 0, double turn = 0) =>
        new()
        {
            ["centre"] = new JsonObject { ["x"] = x, ["y"] = 0 },
            ["turn"] = turn,
        };

    [Fact]
    public async Task Instruments_come_with_their_printing()
    {
        Reply reply = await _visitor.Get("instruments");
        reply.Body!.AsArray().Count.ShouldBeGreaterThan(0);
        foreach (JsonNode? instrument in reply.Body.AsArray())
        {
            instrument!["face"]!["graduations"]!.AsArray().Count.ShouldBe(181);
        }
    }

    [Fact]
    public async Task Readings_tell_kind_crossings_reach_scales_alignment_and_advice()
    {
        Reply reply = await _visitor.Post(
            "readings",
            new JsonObject
            {
                ["angle"] = Angle(128, 60),
                ["placement"] = Placement(),
                ["instrumentId"] = "desk-half-circle",
            }
        );
        reply.Status.ShouldBe(HttpStatusCode.OK);
        reply.Text("kind").ShouldBe("obtuse");
        reply["end"]["shortfall"]!.GetValue<double>().ShouldBe(15, 1e-6);
        reply["scales"]
            .AsArray()
            .Select(s => s!["end"]!.GetValue<double>())
            .ShouldBe([52, 128], 1e-6);
        reply["advice"]["scale"]!.GetValue<string>().ShouldBe("inner");
        reply["advice"]["why"]!.GetValue<string>().ShouldContain("inner");
        reply["alignment"]["centreOffset"]!.GetValue<double>().ShouldBe(0);
    }

    [Fact]
    public async Task An_instrument_may_be_described_instead_of_named()
    {
        JsonNode described = (await _visitor.Get("instruments")).Body![0]![
            "protractor"
        ]!.DeepClone();
        described["edgeRadius"] = 100;
        Reply reply = await _visitor.Post(
            "readings",
            new JsonObject
            {
                ["angle"] = Angle(40, 90),
                ["placement"] = Placement(),
                ["instrument"] = described,
            }
        );
        reply["end"]["shortfall"]!.GetValue<double>().ShouldBe(10, 1e-6);
    }

    [Fact]
    public async Task A_demonstration_is_a_whole_script()
    {
        Reply reply = await _visitor.Post(
            "demonstrations",
            new JsonObject { ["angle"] = Angle(64, 50), ["instrumentId"] = "desk-half-circle" }
        );
        string[] steps = [.. reply["steps"].AsArray().Select(s => s!["key"]!.GetValue<string>())];
        steps.ShouldBe([
            "kind",
            "turn",
            "centre",
            "zero-line",
            "extend",
            "scale",
            "count",
            "write",
            "check",
        ]);
        reply["steps"]
            .AsArray()
            .ShouldAllBe(s =>
                s!["state"]!["angle"] != null && s["caption"]!.GetValue<string>().Length > 10
            );
    }

    [Fact]
    public async Task A_set_is_the_same_for_the_same_seed_and_its_items_can_be_marked()
    {
        JsonObject Body() => new() { ["specification"] = Lesson.Specification(), ["seed"] = 99 };
        Reply one = await _visitor.Post("sets/generate", Body());
        Reply two = await _visitor.Post("sets/generate", Body());
        one.Body!.ToJsonString().ShouldBe(two.Body!.ToJsonString());
        JsonNode first = one["items"][0]!;
        double answer = first["answer"]!.GetValue<double>();
        Reply right = await _visitor.Post(
            "marks",
            new JsonObject
            {
                ["item"] = first["item"]!.DeepClone(),
                ["response"] = Lesson.Reading(answer),
            }
        );
        right.Text("verdict").ShouldBe("accepted");
        Reply wrong = await _visitor.Post(
            "marks",
            new JsonObject
            {
                ["item"] = first["item"]!.DeepClone(),
                ["response"] = Lesson.Reading(180 - answer),
            }
        );
        wrong.Text("verdict").ShouldBe("notYet");
        wrong.Text("likelyCause").ShouldBe("other-scale");
        wrong["causes"][0]!["likelihood"]!.GetValue<double>().ShouldBeInRange(0.6, 1);
    }

    [Fact]
    public async Task Wishes_that_collide_are_a_problem_that_says_what_can_be_had()
    {
        JsonObject specification = Lesson.Specification(6, 0);
        specification["angleKinds"] = new JsonArray("right");
        specification["kinds"]!.AsArray().RemoveAt(1);
        Reply reply = await _visitor.Post(
            "sets/generate",
            new JsonObject { ["specification"] = specification, ["seed"] = 1 }
        );
        reply.Status.ShouldBe(HttpStatusCode.BadRequest);
        reply["errors"]["specification"]![0]!.GetValue<string>().ShouldContain("only 1");
    }

    [Fact]
    public async Task The_description_has_an_example_for_every_body_and_each_example_is_accepted()
    {
        Reply document = await _visitor.Get("/openapi/v1.json");
        int tried = 0;
        foreach ((string path, JsonNode? methods) in document["paths"].AsObject())
        {
            JsonNode? post = methods!["post"];
            if (post?["requestBody"] is not JsonNode body)
            {
                continue;
            }
            JsonNode? example = body["content"]!["application/json"]!["example"];
            example.ShouldNotBeNull($"{path} has no example");
            if (post["tags"]![0]!.GetValue<string>() == "Calculations")
            {
                (await _visitor.Post(path, example.DeepClone())).Status.ShouldBe(
                    HttpStatusCode.OK,
                    path
                );
                tried++;
            }
        }
        tried.ShouldBe(4);
    }

    [Fact]
    public async Task Health_says_that_all_is_well() =>
        (await _visitor.Get("/health")).Text("status").ShouldBe("healthy");

    public void Dispose() => _visitor.Dispose();
}
