using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>What a specification brings along: the class's own instruments and house rules of its own.</summary>
public sealed class WishesTests(JauntyServer server)
{
    private static async Task<JsonArray> ItemsOf(Lesson lesson, JsonObject specification)
    {
        Reply set = await lesson.Teacher.Post(
            "sets",
            new JsonObject
            {
                ["title"] = "Own",
                ["specification"] = specification,
                ["seed"] = 3,
            }
        );
        set.Status.ShouldBe(HttpStatusCode.Created, set.Body?.ToJsonString());
        Reply given = await lesson.Teacher.Post(
            "assignments",
            new JsonObject { ["setId"] = set.Text("id"), ["classId"] = lesson.ClassId }
        );
        return (await lesson.Student.Get($"bench/assignments/{given.Text("id")}"))["items"]
            .AsArray();
    }

    [Fact]
    public async Task A_set_for_the_class_s_own_instrument_brings_it_to_the_bench()
    {
        using Lesson lesson = await Lesson.Begin(server, "own-instrument");
        JsonObject own = Lesson.OwnInstrument("own-one-scale");
        var specification = new JsonObject
        {
            ["kinds"] = new JsonArray(
                new JsonObject { ["kind"] = "measure", ["count"] = 2 },
                new JsonObject { ["kind"] = "read-laid", ["count"] = 1 }
            ),
            ["instrument"] = "own-one-scale",
            ["ownInstruments"] = new JsonArray(own["instrument"]!.DeepClone()),
        };
        JsonArray items = await ItemsOf(lesson, specification);
        items[0]!["view"]!["inHand"]!["edgeRadius"]!.GetValue<double>().ShouldBe(60);
        items[2]!["view"]!["laid"]!["id"]!.GetValue<string>().ShouldBe("own-one-scale");
        // What is printed on it, anyone may ask.
        using var anyone = new Visitor(server);
        Reply face = await anyone.Post(
            "instruments/described",
            new JsonObject { ["instrument"] = items[0]!["view"]!["inHand"]!.DeepClone() }
        );
        face["forExercises"].GetValue<bool>().ShouldBeTrue();
        face["face"]!["labels"]!.AsArray().Count.ShouldBe(19);
    }

    [Fact]
    public async Task An_instrument_with_an_arm_comes_to_the_bench_with_its_arm_set_and_only_to_be_read()
    {
        using Lesson lesson = await Lesson.Begin(server, "with-an-arm");
        JsonArray kinds = (await lesson.Teacher.Get("exercise-kinds")).Body!.AsArray();
        kinds
            .Where(k => k!["alreadyLaid"]!.GetValue<bool>())
            .Select(k => k!["key"]!.GetValue<string>())
            .ShouldBe(["read-laid"]);
        var specification = new JsonObject
        {
            ["kinds"] = new JsonArray(
                new JsonObject { ["kind"] = "read-laid", ["count"] = 2 },
                new JsonObject { ["kind"] = "measure", ["count"] = 1 }
            ),
            ["instrument"] = "turning-ruler",
        };
        JsonArray items = await ItemsOf(lesson, specification);
        foreach (JsonNode? item in items.Take(2))
        {
            item!["view"]!["laid"]!["id"]!.GetValue<string>().ShouldBe("turning-ruler");
            item["view"]!["sheet"]!["instruments"]![0]!["armBearing"]!
                .GetValue<double>()
                .ShouldBeInRange(0, 180);
        }
        // Nobody could turn its arm: what is to be measured comes with another one.
        items[2]!["view"]!["inHand"]!["id"]!.GetValue<string>().ShouldBe("desk-half-circle");
    }

    [Theory]
    [InlineData("instrument", "\"gone\"", "instrument")]
    [InlineData("moreInstruments", "[\"tactile\"]", "moreInstruments[0]")]
    [InlineData("ownInstruments", "[{\"id\":\"x\"}]", "ownInstruments[0]")]
    [InlineData("ownInstruments", "[null]", "ownInstruments[0]")]
    [InlineData("rules", "{\"tolerance\":99}", "rules.tolerance")]
    public async Task What_it_cannot_bring_is_refused_by_its_field(
        string field,
        string value,
        string named
    )
    {
        using var anyone = new Visitor(server);
        JsonObject specification = Lesson.Specification();
        specification[field] = JsonNode.Parse(value);
        Reply refused = await anyone.Post(
            "sets/generate",
            new JsonObject { ["specification"] = specification, ["seed"] = 1 }
        );
        refused.Status.ShouldBe(HttpStatusCode.BadRequest);
        refused.Body!.ToJsonString().ShouldContain(named);
    }

    [Fact]
    public async Task House_rules_of_a_set_hold_at_the_bench_and_the_words_stay_the_class_s()
    {
        using Lesson lesson = await Lesson.Begin(server, "own-rules");
        await lesson.Teacher.Put(
            $"classes/{lesson.ClassId}/rules",
            new JsonObject { ["words"] = new JsonObject { ["arm"] = "side" } }
        );
        JsonObject specification = Lesson.Specification(measure: 1, draw: 1);
        specification["rules"] = new JsonObject { ["estimateFirst"] = true };
        JsonArray items = await ItemsOf(lesson, specification);
        string[] Asked(int item) =>
            [
                .. items[item]!["view"]!["asks"]!
                    .AsArray()
                    .Select(a => a!["field"]!.GetValue<string>()),
            ];
        Asked(0).ShouldBe(["kindSaid", "estimate", "reading"]);
        Asked(1).ShouldBe(["kindSaid", "strokes"]);
        JsonArray usual = (await lesson.Student.Get($"bench/assignments/{lesson.AssignmentId}"))[
            "items"
        ]
            .AsArray();
        usual[0]!["view"]!["asks"]!.AsArray().Count.ShouldBe(2);
    }

    // What a class works at is kept in memory; a change of its rules is heard all the same, at the Bench and in a mark.
    [Fact]
    public async Task A_change_of_the_house_rules_is_heard_at_the_next_look()
    {
        using Lesson lesson = await Lesson.Begin(server, "rules-heard");
        string bench = $"bench/assignments/{lesson.AssignmentId}";
        int AskedIn(Reply reply) => reply["items"][0]!["view"]!["asks"]!.AsArray().Count;
        AskedIn(await lesson.Student.Get(bench)).ShouldBe(2);
        await lesson.Teacher.Put(
            $"classes/{lesson.ClassId}/rules",
            new JsonObject { ["estimateFirst"] = true, ["degrees"] = "words" }
        );
        AskedIn(await lesson.Student.Get(bench)).ShouldBe(3);
        JsonObject response = Lesson.Reading(180 - lesson.TrueMeasure(0));
        response["kindSaid"] = lesson.TrueMeasure(0) < 90 ? "acute" : "obtuse";
        Reply marked = await lesson.HandIn(Guid.NewGuid(), 0, response);
        string told = marked["mark"]!["feedback"]!["next"]!["text"]!.GetValue<string>();
        told.ShouldContain(" degrees be that?");
    }

    [Fact]
    public async Task A_specification_says_all_its_set_needs_and_gives_the_same_set_to_anyone()
    {
        using Lesson lesson = await Lesson.Begin(server, "wishes-whole");
        JsonObject specification = Lesson.Specification(measure: 4, draw: 2);
        specification["instrument"] = "own-desk";
        specification["moreInstruments"] = new JsonArray("one-scale-left");
        specification["ownInstruments"] = new JsonArray(
            Lesson.OwnInstrument()["instrument"]!.DeepClone()
        );
        specification["rules"] = new JsonObject { ["reflex"] = "addTo180" };
        using var anyone = new Visitor(server);
        async Task<string> Made(Visitor who) =>
            (
                await who.Post(
                    "sets/generate",
                    new JsonObject { ["specification"] = specification.DeepClone(), ["seed"] = 77 }
                )
            )["items"]
                .ToJsonString();
        string one = await Made(lesson.Teacher);
        one.ShouldBe(await Made(anyone));
        one.ShouldContain("own-desk");
        one.ShouldContain("one-scale-left");
    }

    [Fact]
    public async Task The_report_tells_what_is_seen_on_the_sheet_from_what_shows_by_its_answer()
    {
        using var anyone = new Visitor(server);
        Reply made = await anyone.Post(
            "sets/generate",
            new JsonObject { ["specification"] = Lesson.Specification(), ["seed"] = 1 }
        );
        string[] Keys(string list) =>
            [.. made["report"]![list]!.AsArray().Select(e => e!["mistake"]!.GetValue<string>())];
        Keys("shown").ShouldContain("other-scale");
        Keys("seen").ShouldContain("gap-at-vertex");
        Keys("seen").ShouldContain("moved-before-dot");
        Keys("cannot").ShouldContain("only-scale-other-way");
        Keys("shown").Intersect(Keys("seen")).ShouldBeEmpty();
    }
}
