using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

public sealed class CalculationTests(JauntyServer server) : IDisposable
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
            JsonNode protractor = instrument!["protractor"]!;
            bool half = protractor["shape"]!.GetValue<string>() == "halfCircle";
            double smallest = protractor["smallestGraduation"]!.GetValue<double>();
            instrument["face"]!["graduations"]!
                .AsArray()
                .Count.ShouldBe((int)(half ? 180 / smallest + 1 : 360 / smallest));
            instrument["rules"]!.AsArray().Count.ShouldBe(4);
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
        reply["advice"]["why"]!["text"]!.GetValue<string>().ShouldContain("inner");
        reply["alignment"]["centreOffset"]!.GetValue<double>().ShouldBe(0);
    }

    [Fact]
    public async Task An_instrument_may_be_described_instead_of_named()
    {
        JsonNode described = (await _visitor.Get("instruments")).Body![0]![
            "protractor"
        ]!.DeepClone();
        described["edgeRadius"] = 100;
        described["halfLength"] = 101;
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
                s!["state"]!["figures"]!.AsArray().Count == 1
                && s["caption"]!["text"]!.GetValue<string>().Length > 10
            );
    }

    [Fact]
    public async Task Every_demonstration_of_the_list_opens_on_what_it_names()
    {
        JsonArray listed = (await _visitor.Get("demonstrations")).Body!.AsArray();
        listed.Count.ShouldBeGreaterThan(35);
        foreach (JsonNode? entry in listed)
        {
            JsonObject angle = Angle(entry!["measure"]!.GetValue<double>());
            angle["endLength"] = entry["endLength"]!.GetValue<double>();
            Reply reply = await _visitor.Post(
                "demonstrations",
                new JsonObject
                {
                    ["demonstration"] = entry["key"]!.GetValue<string>(),
                    ["angle"] = angle,
                    ["instrumentId"] = entry["instrumentId"]!.GetValue<string>(),
                }
            );
            reply.Status.ShouldBe(HttpStatusCode.OK, entry["key"]!.GetValue<string>());
            reply["steps"].AsArray().Count.ShouldBeGreaterThan(1);
        }
    }

    [Fact]
    public async Task A_replay_is_made_from_a_students_own_placement_and_answer()
    {
        Reply reply = await _visitor.Post(
            "demonstrations",
            new JsonObject
            {
                ["demonstration"] = "wrong-zero-line-off",
                ["angle"] = Angle(64),
                ["instrumentId"] = "desk-half-circle",
                ["placement"] = Placement(turn: 9),
                ["answer"] = 55,
            }
        );
        reply.Status.ShouldBe(HttpStatusCode.OK);
        JsonNode replayed = reply["steps"]
            .AsArray()
            .Single(s => s!["key"]!.GetValue<string>() == "replay")!;
        replayed["state"]!["instruments"]![0]!["placement"]!["turn"]!
            .GetValue<double>()
            .ShouldBe(9);
        reply["steps"][0]!["caption"]!["text"]!.GetValue<string>().ShouldContain("55°");
    }

    [Fact]
    public async Task House_rules_speak_through_the_script()
    {
        Reply reply = await _visitor.Post(
            "demonstrations",
            new JsonObject
            {
                ["angle"] = Angle(64),
                ["instrumentId"] = "reversed-half-circle",
                ["rules"] = new JsonObject
                {
                    ["scale"] = "openingSide",
                    ["degrees"] = "words",
                    ["words"] = new JsonObject { ["centreMark"] = "hole" },
                    ["ownLines"] = new JsonObject { ["count"] = "Zero the hero!" },
                },
            }
        );
        reply["warnings"][0]!["text"]!
            .GetValue<string>()
            .ShouldContain("numbered the other way round");
        string said = reply["steps"].ToJsonString();
        said.ShouldContain("The hole goes exactly on the vertex");
        said.ShouldContain("64 degrees");
        said.ShouldContain("Zero the hero!");
    }

    [Fact]
    public async Task An_instrument_file_goes_round_and_a_broken_one_names_its_line()
    {
        string text = Core.Files.InstrumentFile.Write(
            Core.Instruments.InstrumentCatalogue.RulerEdge
        );
        Reply read = await _visitor.Post("instruments/read", new JsonObject { ["text"] = text });
        read["protractor"]["inset"]!.GetValue<double>().ShouldBe(12);
        string broken = text.Replace("\"inset\": 12", "\"inset\": 1200", StringComparison.Ordinal);
        int line = broken.Split('\n').ToList().FindIndex(l => l.Contains("1200")) + 1;
        Reply refused = await _visitor.Post(
            "instruments/read",
            new JsonObject { ["text"] = broken }
        );
        refused.Status.ShouldBe(HttpStatusCode.BadRequest);
        refused["errors"]["text.instrument.inset"]![0]!
            .GetValue<string>()
            .ShouldEndWith($"See line {line} of the file.");
        (await _visitor.Get("schemas/instrument"))["properties"]["instrument"]!.ShouldNotBeNull();
    }

    [Fact]
    public async Task A_set_is_the_same_for_the_same_seed_and_its_items_can_be_marked()
    {
        JsonObject Body() => new() { ["specification"] = Lesson.Specification(), ["seed"] = 99 };
        Reply one = await _visitor.Post("sets/generate", Body());
        Reply two = await _visitor.Post("sets/generate", Body());
        one.Body!.ToJsonString().ShouldBe(two.Body!.ToJsonString());
        JsonNode first = one["items"][0]!;
        double answer = first["degrees"]!.GetValue<double>();
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
        using var teacher = new Visitor(server);
        await teacher.BecomeTeacher("examples");
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
                (await teacher.Post(path, example.DeepClone())).Status.ShouldBe(
                    HttpStatusCode.OK,
                    path
                );
                tried++;
            }
        }
        tried.ShouldBe(15);
    }

    [Theory]
    [InlineData("3x + 2 + x = 90", "equation", "4x + 2 = 90", null)]
    [InlineData("14.333…", "number", "14⅓", null)]
    [InlineData("3x +* 2 = 90", "equation", null, 4)]
    public async Task A_line_of_algebra_is_read_or_the_place_is_named(
        string line,
        string @as,
        string? read,
        int? at
    )
    {
        Reply reply = await _visitor.Post(
            "/api/v1/algebra/lines",
            new JsonObject { ["line"] = line, ["as"] = @as }
        );
        JsonNode body = reply.Body!;
        ((string?)body["read"]).ShouldBe(read);
        ((int?)body["at"]).ShouldBe(at);
        (body["problem"] is null).ShouldBe(at is null);
    }

    [Fact]
    public async Task Health_says_that_all_is_well() =>
        (await _visitor.Get("/health")).Text("status").ShouldBe("healthy");

    public void Dispose() => _visitor.Dispose();
}
