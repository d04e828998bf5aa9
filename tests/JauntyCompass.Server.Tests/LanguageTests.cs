using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>Replies speak the language that was asked for, else that of the class, and in its words.</summary>
public sealed class LanguageTests(JauntyServer server)
{
    private static JsonObject Demonstration(JsonObject? rules = null) =>
        new()
        {
            ["demonstration"] = "measure",
            ["angle"] = new JsonObject
            {
                ["vertex"] = new JsonObject { ["x"] = 0, ["y"] = 0 },
                ["start"] = 0,
                ["measure"] = 64,
                ["opening"] = "anticlockwise",
                ["startLength"] = 90,
                ["endLength"] = 90,
            },
            ["instrumentId"] = "desk-half-circle",
            ["rules"] = rules,
        };

    private static IEnumerable<string> Captions(Reply reply) =>
        ((JsonArray)reply["steps"]).Select(s => s!["caption"]!["text"]!.GetValue<string>());

    [Theory]
    [InlineData("es", "vértice")]
    [InlineData("es-MX, en;q=0.5", "vértice")]
    [InlineData("fr, en-US;q=0.8, es;q=0.2", "center mark")]
    [InlineData("en-GB", "centre mark")]
    [InlineData("fr", "centre mark")]
    [InlineData("*;q=oops, ;;", "centre mark")]
    public async Task A_reply_is_in_the_language_that_comes_nearest_to_what_was_asked(
        string accepts,
        string said
    )
    {
        using var visitor = new Visitor(server) { Speaks = accepts };
        Reply reply = await visitor.Post("demonstrations", Demonstration());
        Captions(reply).ShouldContain(c => c.Contains(said, StringComparison.Ordinal), said);
        reply["title"]["id"]!.GetValue<string>().ShouldStartWith("demonstrations.");
    }

    [Fact]
    public async Task A_class_has_words_of_its_own_in_its_own_language_only()
    {
        var rules = new JsonObject
        {
            ["language"] = "es",
            ["words"] = new JsonObject { ["arm"] = "semirrecta", ["centreMark"] = "cruz" },
        };
        using var nobody = new Visitor(server);
        using var english = new Visitor(server) { Speaks = "en" };
        string own = string.Join(
            ' ',
            Captions(await nobody.Post("demonstrations", Demonstration(rules)))
        );
        own.ShouldContain("cruz");
        string theirs = string.Join(
            ' ',
            Captions(
                await english.Post("demonstrations", Demonstration((JsonObject)rules.DeepClone()))
            )
        );
        theirs.ShouldContain("centre mark");
        theirs.ShouldNotContain("cruz");
        rules["words"]!["arm"] = "side";
        Reply refused = await english.Post(
            "demonstrations",
            Demonstration((JsonObject)rules.DeepClone())
        );
        refused.Status.ShouldBe(HttpStatusCode.BadRequest);
        refused["errors"]["rules.words.arm"]![0]!.GetValue<string>().ShouldContain("semirrecta");
    }

    [Fact]
    public async Task A_problem_is_told_in_the_language_that_was_asked_for_with_its_messages_beside_it()
    {
        using var visitor = new Visitor(server) { Speaks = "es" };
        JsonObject body = Demonstration();
        body["angle"]!["startLength"] = -4;
        Reply reply = await visitor.Post("demonstrations", body);
        reply.Status.ShouldBe(HttpStatusCode.BadRequest);
        reply.Text("title").ShouldBe("Hay algo que no está bien.");
        reply["messages"]["title"]!["id"]!.GetValue<string>().ShouldStartWith("problems.");
        reply["errors"]["angle.startLength"]![0]!
            .GetValue<string>()
            .ShouldStartWith("Pon un número");
    }

    [Fact]
    public async Task A_student_is_spoken_to_in_the_language_of_the_class_and_a_teacher_in_their_own()
    {
        using Lesson lesson = await Lesson.Begin(server, "speaks");
        Reply before = await lesson.Student.Get("bench/session");
        before.Text("language").ShouldBe("en");
        (
            await lesson.Teacher.Put(
                $"classes/{lesson.ClassId}/rules",
                new JsonObject { ["language"] = "es" }
            )
        ).Status.ShouldBe(HttpStatusCode.NoContent);
        (await lesson.Student.Get("bench/session")).Text("language").ShouldBe("es");
        Reply answer = await lesson.HandIn(
            Guid.NewGuid(),
            0,
            Lesson.Reading(180 - lesson.TrueMeasure(0))
        );
        answer["mark"]!["feedback"]!["happened"]!["text"]!
            .GetValue<string>()
            .ShouldContain("escala");

        (await lesson.Teacher.Get("session")).Body!["language"].ShouldBeNull();
        var change = new JsonObject { ["displayName"] = "speaks", ["language"] = "es" };
        (await lesson.Teacher.Put("account", change)).Status.ShouldBe(HttpStatusCode.NoContent);
        (await lesson.Teacher.Get("session")).Text("language").ShouldBe("es");
        change["language"] = "xx";
        (await lesson.Teacher.Put("account", (JsonObject)change.DeepClone()))["errors"][
            "language"
        ]![0]!
            .GetValue<string>()
            .ShouldContain("en-US");
    }
}
