using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using FsCheck.Fluent;
using JauntyCompass.Core.Randomness;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

public sealed class BadInputTests(JauntyServer server) : IDisposable
{
    private readonly Visitor _visitor = new(server);

    private const string GoodAngle =
        """{"vertex":{"x":0,"y":0},"start":0,"measure":64,"opening":"anticlockwise","startLength":90,"endLength":90}""";
    private const string GoodPlacement = """{"centre":{"x":0,"y":0},"turn":0}""";

    public static TheoryData<string, string, string> Bad =>
        new()
        {
            { "readings", Body(GoodAngle.Replace("\"x\":0", "\"x\":1e999")), "angle.vertex.x" },
            {
                "readings",
                Body(GoodAngle.Replace("\"startLength\":90", "\"startLength\":-90")),
                "angle.startLength"
            },
            { "readings", Body(GoodAngle.Replace("64", "361")), "angle.measure" },
            { "readings", Body(GoodAngle.Replace("64", "-5")), "angle.measure" },
            { "readings", Body(GoodAngle.Replace("64", "\"forty\"")), "angle.measure" },
            { "readings", Body(GoodAngle.Replace("anticlockwise", "sideways")), "angle.opening" },
            { "readings", Body(GoodAngle.Replace("\"measure\":64,", "")), "angle.measure" },
            { "readings", Body(GoodAngle, "\"instrumentId\":\"spoon\""), "instrumentId" },
            { "readings", Body(GoodAngle, Described("\"edgeRadius\":0")), "instrument.edgeRadius" },
            {
                "demonstrations",
                $$$"""{"angle":{{{GoodAngle.Replace("64", "0")}}},"instrumentId":"desk-half-circle"}""",
                "angle.measure"
            },
            {
                "demonstrations",
                $$$"""{"angle":{{{GoodAngle}}},"instrumentId":"desk-half-circle","names":{"vertex":"K","start":"K","end":"M"}}""",
                "names.vertex"
            },
            {
                "demonstrations",
                $$$"""{"demonstration":"juggle","angle":{{{GoodAngle}}},"instrumentId":"desk-half-circle"}""",
                "demonstration"
            },
            {
                "demonstrations",
                $$$"""{"demonstration":"full-circle-turn","angle":{{{GoodAngle}}},"instrumentId":"desk-half-circle"}""",
                "instrument"
            },
            {
                "demonstrations",
                $$$$"""{"angle":{{{{GoodAngle}}}},"instrumentId":"desk-half-circle","rules":{"words":{"arm":"leg"}}}""",
                "rules.words.arm"
            },
            {
                "demonstrations",
                $$$$"""{"angle":{{{{GoodAngle}}}},"instrumentId":"desk-half-circle","rules":{"ownLines":{"count":"{{{{new string('x', 10_000)}}}}"}}}""",
                "rules.ownLines.count"
            },
            {
                "instruments/described",
                """{"instrument":{"id":"a","name":"a","shape":"halfCircle","edgeRadius":60,"halfLength":40,"inset":5,"smallestGraduation":1,"scales":[]}}""",
                "instrument.halfLength"
            },
            {
                "instruments/described",
                """{"instrument":{"id":"a","name":"a","shape":"halfCircle","edgeRadius":60,"halfLength":61,"inset":5,"smallestGraduation":1,"scales":[null]}}""",
                "instrument.scales[0]"
            },
            { "instruments/read", """{"text":"{\n\"format\": }"}""", "text.format" },
            { "angles", """{"kind":"acute","seed":-1}""", "seed" },
            {
                "sets/generate",
                """{"specification":{"kinds":[{"kind":"juggle","count":1}]},"seed":1}""",
                "specification.kinds[0].kind"
            },
            {
                "sets/generate",
                """{"specification":{"kinds":[{"kind":"measure","count":100000}]},"seed":1}""",
                "specification.kinds[0].count"
            },
            {
                "sets/generate",
                """{"specification":{"kinds":[{"kind":"measure","count":1}],"from":170,"to":20},"seed":1}""",
                "specification.from"
            },
            {
                "sets/generate",
                """{"specification":{"kinds":[{"kind":"measure","count":1}]},"seed":-1}""",
                "seed"
            },
            {
                "marks",
                """{"item":{"kind":"juggle"},"response":{"kind":"measure","reading":1}}""",
                "item"
            },
            { "readings", "{", "body" },
            { "readings", "[]", "body" },
        };

    private static string Body(
        string angle,
        string instrument = "\"instrumentId\":\"desk-half-circle\""
    ) => $$"""{"angle":{{angle}},"placement":{{GoodPlacement}},{{instrument}}}""";

    private static string Described(string radius) =>
        $$"""
            "instrument":{"id":"x","name":"x","shape":"halfCircle",{{radius}},"halfLength":50,"inset":5,"smallestGraduation":1,
            "scales":[{"id":"inner","radius":30,"zeroAt":0,"growth":"anticlockwise","extent":180}]}
            """;

    [Theory]
    [MemberData(nameof(Bad))]
    public async Task Each_fault_is_a_problem_that_names_the_field(
        string path,
        string body,
        string field
    )
    {
        Reply reply = await _visitor.PostText(path, body);
        reply.Status.ShouldBe(HttpStatusCode.BadRequest);
        reply.Type.ShouldBe("application/problem+json");
        reply["errors"].AsObject().Select(e => e.Key).ShouldContain(field);
    }

    [Fact]
    public async Task A_range_is_told_with_its_bounds()
    {
        Reply reply = await _visitor.PostText(
            "readings",
            Body(GoodAngle.Replace("\"startLength\":90", "\"startLength\":0"))
        );
        reply["errors"]["angle.startLength"]![0]!
            .GetValue<string>()
            .ShouldBe("Use a number from 1 to 1,000 mm.");
    }

    [Fact]
    public async Task A_body_over_256_kB_is_refused_with_413()
    {
        Reply reply = await _visitor.PostText(
            "readings",
            $"{{\"x\":\"{new string('a', 300_000)}\"}}"
        );
        reply.Status.ShouldBe(HttpStatusCode.RequestEntityTooLarge);
        reply.Type.ShouldBe("application/problem+json");
    }

    [Fact]
    public async Task Strokes_by_the_thousand_are_refused_without_trying_to_mark_them()
    {
        Reply set = await _visitor.Post(
            "sets/generate",
            new JsonObject { ["specification"] = Lesson.Specification(1, 1), ["seed"] = 3 }
        );
        JsonNode item = set["items"][1]!["item"]!.DeepClone();
        var points = new JsonArray([
            .. Enumerable
                .Range(0, 2100)
                .Select(i => (JsonNode)new JsonObject { ["x"] = i % 90, ["y"] = 1 }),
        ]);
        var response = new JsonObject
        {
            ["kind"] = "draw",
            ["strokes"] = new JsonArray(new JsonObject { ["points"] = points }),
            ["dots"] = new JsonArray(),
        };
        Reply reply = await _visitor.Post(
            "marks",
            new JsonObject { ["item"] = item, ["response"] = response }
        );
        reply.Status.ShouldBe(HttpStatusCode.BadRequest);
        reply["errors"]["response.strokes[0].points"]![0]!
            .GetValue<string>()
            .ShouldContain("1 to 2,000");
    }

    [Fact]
    public async Task Unknown_addresses_methods_and_media_types_are_problems()
    {
        (await _visitor.Get("nowhere")).ShouldSatisfyAllConditions(
            r => r.Status.ShouldBe(HttpStatusCode.NotFound),
            r => r.Type.ShouldBe("application/problem+json")
        );
        (await _visitor.Get("readings")).ShouldSatisfyAllConditions(
            r => r.Status.ShouldBe(HttpStatusCode.MethodNotAllowed),
            r => r.Type.ShouldBe("application/problem+json")
        );
        Reply text = await _visitor.Send(
            HttpMethod.Post,
            "readings",
            new StringContent("hello", Encoding.UTF8, "text/plain")
        );
        text.Status.ShouldBe(HttpStatusCode.UnsupportedMediaType);
        text.Type.ShouldBe("application/problem+json");
    }

    // Good requests with something random put somewhere random into them.
    [Fact]
    public async Task Random_damage_to_any_request_never_ends_in_a_server_error()
    {
        using Lesson lesson = await Lesson.Begin(server, "damage");
        Reply document = await _visitor.Get("/openapi/v1.json");
        var examples = document["paths"]
            .AsObject()
            .Select(p =>
                (
                    Path: p.Key,
                    Example: p.Value!["post"]
                        ?["requestBody"]
                        ?["content"]
                        ?["application/json"]
                        ?["example"]
                )
            )
            .Where(p =>
                p.Example is not null && !p.Path.EndsWith("/session", StringComparison.Ordinal)
            )
            .ToList();
        examples.Count.ShouldBeGreaterThan(8);
        foreach (int seed in Gen.Choose(0, int.MaxValue).Sample(400))
        {
            var random = new SeededRandom(seed);
            (string path, JsonNode? example) = examples[random.Below(examples.Count)];
            string address = path.Replace("{classId}", lesson.ClassId)
                .Replace("{assignmentId}", lesson.AssignmentId)
                .Replace("{setId}", lesson.SetId);
            Visitor who = path.Contains("/bench") ? lesson.Student : lesson.Teacher;
            JsonNode body = example!.DeepClone();
            Damaging.Damage(body, random);
            string text = body.ToJsonString().Replace("\"1e999\"", "1e999");
            Reply reply = await who.PostText(address, text);
            ((int)reply.Status).ShouldBeLessThan(500, $"{address} with {text}");
            if ((int)reply.Status >= 400)
            {
                reply.Type.ShouldBe("application/problem+json");
            }
        }
    }

    [Fact]
    public async Task Addresses_of_things_that_are_not_there_are_not_found()
    {
        using Lesson lesson = await Lesson.Begin(server, "strays");
        Reply document = await _visitor.Get("/openapi/v1.json");
        foreach (
            (string path, JsonNode? methods) in document["paths"]
                .AsObject()
                .Where(p => p.Key.Contains('{'))
        )
        {
            foreach (
                string stray in new[]
                {
                    Guid.NewGuid().ToString(),
                    "7",
                    "%00",
                    new string('9', 2000),
                    "..%2f..",
                    "🦆",
                }
            )
            {
                string address = System.Text.RegularExpressions.Regex.Replace(
                    path,
                    @"\{\w+\}",
                    stray
                );
                Visitor who = path.Contains("/bench") ? lesson.Student : lesson.Teacher;
                foreach (
                    (string method, JsonNode? _) in methods!
                        .AsObject()
                        .Where(m => m.Key is "get" or "delete")
                )
                {
                    Reply reply = await who.Send(
                        new HttpMethod(method.ToUpperInvariant()),
                        address,
                        null
                    );
                    ((int)reply.Status).ShouldBeInRange(400, 499, $"{method} {address}");
                }
            }
        }
    }

    public void Dispose() => _visitor.Dispose();
}
