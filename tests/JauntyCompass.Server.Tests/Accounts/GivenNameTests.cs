using System.Net;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Server.Features.Accounts;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests.Accounts;

public sealed class GivenNameTests(JauntyServer server)
{
    [Theory]
    [InlineData("José", "Jose\u0301")]
    [InlineData("  Mary   Ann ", "mary ann")]
    [InlineData("Weiß", "WEISS")]
    [InlineData("Ａｎａ", "ana")]
    public void Names_that_are_the_same_compare_the_same(string one, string other) =>
        GivenNames.KeyOf(other).ShouldBe(GivenNames.KeyOf(one));

    [Theory]
    [InlineData("Anna", "Аnna")] // with a Cyrillic letter
    [InlineData("Ida", "lda")] // with a small L
    [InlineData("Otto", "0tto")]
    [InlineData("Mary-Ann", "Maryann")]
    public void Names_that_look_alike_are_told(string one, string other)
    {
        GivenNames.KeyOf(other).ShouldNotBe(GivenNames.KeyOf(one));
        GivenNames.LookOf(other).ShouldBe(GivenNames.LookOf(one));
    }

    [Theory]
    [InlineData("Ana", "Anna")]
    [InlineData("José", "Jose")]
    [InlineData("Li", "Lia")]
    [InlineData("Wren I", "Wren L")]
    [InlineData("Mila", "Mira")]
    public void Names_that_differ_are_not_taken_for_each_other(string one, string other) =>
        GivenNames.LookOf(other).ShouldNotBe(GivenNames.LookOf(one));

    [Theory]
    [InlineData("Wr\u200Ben")]
    [InlineData("\u202EnerW")]
    [InlineData("Wren\uFE0F")]
    [InlineData("\u3164")]
    [InlineData("Wren\u0007")]
    public void What_cannot_be_seen_has_no_place_in_a_name(string name) =>
        Phrasing.Usual.Say(GivenNames.FaultOf(name)!).ShouldContain("cannot be seen");

    [Fact]
    public void Half_a_letter_has_no_place_in_a_name() =>
        Phrasing.Usual.Say(GivenNames.FaultOf("Wren" + '\uD83E')!).ShouldContain("cannot be seen");

    [Theory]
    [InlineData("Żaneta")]
    [InlineData("Σοφία")]
    [InlineData("愛子")]
    [InlineData("نور")]
    [InlineData("O'Neil")]
    [InlineData("Nguyễn")]
    public void Names_of_every_script_are_welcome(string name) =>
        GivenNames.FaultOf(name).ShouldBeNull();

    [Fact]
    public async Task In_a_class_the_same_name_and_a_look_alike_are_refused_with_the_reason_and_either_spelling_signs_in()
    {
        using Lesson lesson = await Lesson.Begin(server, "spelling");
        string path = $"classes/{lesson.ClassId}/students";
        async Task<Reply> Add(string name) =>
            await lesson.Teacher.Post(path, new JsonObject { ["givenName"] = name });
        string pin = (await Add("José")).Text("pin");
        string Told(Reply refused) => refused["errors"]["givenName"]![0]!.GetValue<string>();
        Told(await Add("Jose\u0301")).ShouldContain("in the class already");
        Told(await Add(" wren ")).ShouldContain("in the class already");
        Told(await Add("Wrеn")).ShouldContain("looks just like “Wren”");
        Told(await Add("Wr\u200Ben")).ShouldContain("cannot be seen");
        Told(await Add(new string('n', 10_000))).ShouldContain("1 to 40");
        using var tablet = new Visitor(server);
        (await tablet.Join(lesson.Code, "jose\u0301", pin)).Status.ShouldBe(HttpStatusCode.OK);
        // Of two who add the same name at the same moment one is told.
        Reply[] both = await Task.WhenAll(Add("Kit"), Add("kit"));
        both.Select(r => r.Status)
            .ShouldBe([HttpStatusCode.Created, HttpStatusCode.BadRequest], ignoreOrder: true);
    }
}
