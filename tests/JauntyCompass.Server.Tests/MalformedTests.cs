using System.Diagnostics;
using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Randomness;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>
/// Malformed requests of every sort to every address, with every method, as everybody: none is a server error, and each refusal is
/// problem details that name the field or the remedy. JAUNTY_MALFORMED says how many are tried.
/// </summary>
public sealed class MalformedTests(JauntyServer server) : IClassFixture<JauntyServer>
{
    private static readonly int Tried = int.Parse(
        Environment.GetEnvironmentVariable("JAUNTY_MALFORMED") ?? "2000"
    );

    private static readonly string[] Methods =
    [
        "GET",
        "POST",
        "PUT",
        "PATCH",
        "DELETE",
        "HEAD",
        "OPTIONS",
        "PURGE",
    ];

    // What only a programmer of the server would say.
    private static readonly string[] Framework =
    [
        "Did you mean",
        "Service",
        "parameter",
        "System.",
        "Exception",
        "Implicit",
        "could not be converted",
        "Path:",
        "LineNumber",
    ];

    [Fact]
    public async Task No_malformed_request_is_a_server_error_and_each_refusal_says_what_to_do()
    {
        using Lesson lesson = await Lesson.Begin(server, "malformed");
        await lesson.MakeHead(server);
        using var nobody = new Visitor(server);
        JsonObject paths = (await nobody.Get("/openapi/v1.json"))["paths"].AsObject();
        var endpoints = paths
            .SelectMany(p =>
                p.Value!.AsObject()
                    .Select(m =>
                        (
                            Path: p.Key,
                            Method: m.Key.ToUpperInvariant(),
                            Example: m.Value!["requestBody"]
                                ?["content"]
                                ?["application/json"]
                                ?["example"]
                        )
                    )
            )
            // These would end what the trial itself needs.
            .Where(e =>
                !(e.Method == "DELETE" && e.Path.EndsWith("session"))
                && !(e.Method == "DELETE" && e.Path.EndsWith("/staff/{teacherId}"))
            )
            .ToArray();
        endpoints.Length.ShouldBeGreaterThan(70);
        var random = new SeededRandom(20261127);
        double slowest = 0;
        string slowestOne = "";
        for (int i = 0; i < Tried; i++)
        {
            (string path, string method, JsonNode? example) = endpoints[
                random.Below(endpoints.Length)
            ];
            Visitor who = random.Below(3) switch
            {
                0 => nobody,
                1 => path.Contains("/bench") ? lesson.Student : lesson.Teacher,
                _ => path.Contains("/bench") ? lesson.Teacher : lesson.Student,
            };
            if (random.Chance(0.1))
            {
                method = Methods[random.Below(Methods.Length)];
            }
            string address = Address(path, lesson, random);
            (string text, HttpContent? content) = method is "GET" or "HEAD"
                ? ("", null)
                : Content(example, random);
            using HttpContent? body = content;
            string sent = $"{method} {address} {text}";
            sent = sent.Length > 1500 ? sent[..1500] : sent;
            var begin = Stopwatch.StartNew();
            Reply reply = await who.Send(new HttpMethod(method), address, content);
            if (begin.Elapsed.TotalMilliseconds > slowest)
            {
                (slowest, slowestOne) = (begin.Elapsed.TotalMilliseconds, sent);
            }
            ((int)reply.Status).ShouldBeLessThan(500, sent);
            if ((int)reply.Status >= 400 && method != "HEAD")
            {
                reply.Type.ShouldBe("application/problem+json", sent);
                string said = Said(reply);
                said.ShouldNotBeEmpty(sent);
                foreach (string word in Framework)
                {
                    said.ShouldNotContain(word, Case.Sensitive, $"{sent}\n{said}");
                }
            }
        }
        TestContext.Current.SendDiagnosticMessage(
            $"{Tried} malformed requests; the slowest took {slowest:0} ms: {slowestOne[..Math.Min(200, slowestOne.Length)]}"
        );
        Console.WriteLine(
            $"{Tried} malformed requests; the slowest took {slowest:0} ms: {slowestOne[..Math.Min(200, slowestOne.Length)]}"
        );
    }

    private static string Said(Reply reply) =>
        string.Join(
                ' ',
                (reply.Body!["errors"]?.AsObject() ?? [])
                    .SelectMany(e => e.Value!.AsArray().Select(m => $"{e.Key} {m}"))
                    .Append(reply.Body["detail"]?.GetValue<string>() ?? "")
            )
            .Trim();

    private static string Address(string path, Lesson lesson, SeededRandom random)
    {
        string filled = System.Text.RegularExpressions.Regex.Replace(
            path,
            @"\{(\w+)\}",
            m =>
                random.Chance(0.6)
                    ? m.Groups[1].Value switch
                    {
                        "classId" => lesson.ClassId,
                        "studentId" => lesson.StudentId,
                        "setId" => lesson.SetId,
                        "assignmentId" => lesson.AssignmentId,
                        "instrumentId" => lesson.CabinetId,
                        "orderId" => lesson.OrderId,
                        "index" => "0",
                        "number" => "1",
                        _ => Guid.NewGuid().ToString(),
                    }
                    : Junk(random)
        );
        return random.Chance(0.2)
            ? $"{filled}?{(random.Chance(0.5) ? "heir" : "after")}={Junk(random)}&studentId={Junk(random)}"
            : filled;
    }

    private static string Junk(SeededRandom random) =>
        random.Below(9) switch
        {
            0 => "-1",
            1 => "99999999999999999999",
            2 => "..%2f..",
            3 => "%F0%9F%A6%86",
            4 => new string('9', 3000),
            5 => "%ED%A0%80",
            6 => "' OR 1=1 --".Replace(" ", "%20"),
            7 => Guid.Empty.ToString(),
            _ => "true",
        };

    private static (string, HttpContent) Content(JsonNode? example, SeededRandom random)
    {
        JsonNode body = example?.DeepClone() ?? new JsonObject();
        if (random.Chance(0.7) && body is JsonObject or JsonArray)
        {
            Damaging.Damage(body, random);
        }
        string text = body.ToJsonString().Replace("\"1e999\"", "1e999");
        text = random.Below(14) switch
        {
            0 => text[..random.Below(text.Length + 1)],
            1 => "",
            2 => "null",
            3 => string.Concat(Enumerable.Repeat("[", 3000)),
            4 => text + text,
            5 => text.Replace("\"", "'"),
            6 => "{\"kind\":\"\\ud83e\"}",
            7 => text.Replace(":", ":\"\\udc00\","),
            _ => text,
        };
        var content = new StringContent(text, Encoding.UTF8, "application/json");
        string? type = random.Below(16) switch
        {
            0 => "application/json; charset=bogus",
            1 => "text/plain",
            2 => "application/x-www-form-urlencoded",
            3 => "application/json; charset=utf-16",
            4 => "nonsense",
            _ => null,
        };
        if (type is not null)
        {
            content.Headers.Remove("Content-Type");
            content.Headers.TryAddWithoutValidation("Content-Type", type);
        }
        return (text, content);
    }

    [Fact]
    public async Task What_is_wrong_before_any_endpoint_is_a_problem_too()
    {
        using var http = new HttpClient { BaseAddress = server.Address };
        async Task<(HttpStatusCode, string?)> Ask(HttpRequestMessage request)
        {
            using HttpResponseMessage reply = await http.SendAsync(request);
            return (reply.StatusCode, reply.Content.Headers.ContentType?.MediaType);
        }
        using var foreign = new HttpRequestMessage(HttpMethod.Get, "/api/v1/school");
        foreign.Headers.Host = "elsewhere.example";
        (await Ask(foreign)).ShouldBe((HttpStatusCode.BadRequest, "application/problem+json"));
        using var bogus = new HttpRequestMessage(HttpMethod.Post, "/api/v1/readings")
        {
            Content = new StringContent("{}"),
        };
        bogus.Content.Headers.ContentType = MediaTypeHeaderValue.Parse(
            "application/json; charset=bogus"
        );
        (await Ask(bogus)).ShouldBe(
            (HttpStatusCode.UnsupportedMediaType, "application/problem+json")
        );
        using var zero = new HttpRequestMessage(HttpMethod.Get, "/api/v1/schemas/%00");
        (await Ask(zero)).ShouldBe((HttpStatusCode.BadRequest, "application/problem+json"));
    }
}
