using System.Text.RegularExpressions;
using JauntyCompass.Messages;
using Shouldly;
using Xunit;

namespace JauntyCompass.Locales.Tests;

/// <summary>Text in every language, with every word that a class may choose.</summary>
public partial class TextRendererTests
{
    private static readonly Message NextOfOtherScale = Text.Mistakes.OtherScale.MeasuredNext;

    public static TheoryData<string> Tags => [.. Language.All.Select(l => l.Tag)];

    private static TextRenderer With(string tag, string field, string word) =>
        new(Language.Find(tag)!, new Dictionary<string, string> { [field] = word });

    [Theory]
    [InlineData("en", "arm", "the arm you lined up")]
    [InlineData("en", "ray", "the ray you lined up")]
    [InlineData("es", "lado", "sobre el lado que alineaste")]
    [InlineData("es", "semirrecta", "sobre la semirrecta que alineaste")]
    public void The_words_of_a_class_come_with_their_articles(
        string tag,
        string word,
        string part
    ) => With(tag, "arm", word).Render(NextOfOtherScale).ShouldContain(part);

    [Fact]
    public void A_word_of_another_language_is_not_taken_over() =>
        With("es", "arm", "ray").Render(NextOfOtherScale).ShouldContain("el lado");

    [Fact]
    public void A_sentence_may_begin_with_a_word_of_the_class()
    {
        With("en", "centreMark", "hole")
            .Render(Text.Marks.Praise.Centre)
            .ShouldBe("The hole is right on the vertex.");
        With("es", "centreMark", "cruz")
            .Render(Text.Marks.Praise.Centre)
            .ShouldBe("La cruz está justo en el vértice.");
    }

    [Theory]
    [InlineData("en", DegreeStyle.Sign, 22.5, "22.5°")]
    [InlineData("en", DegreeStyle.Words, 22.5, "22.5 degrees")]
    [InlineData("en", DegreeStyle.Words, 1, "1 degree")]
    [InlineData("es", DegreeStyle.Sign, 22.5, "22,5°")]
    [InlineData("es", DegreeStyle.Words, 1, "1 grado")]
    [InlineData("es", DegreeStyle.Words, 64, "64 grados")]
    [InlineData("en", DegreeStyle.Sign, 63.96, "64°")]
    [InlineData("en", DegreeStyle.Sign, -0.01, "0°")]
    public void Degrees_are_written_as_the_class_has_it(
        string tag,
        DegreeStyle style,
        double degrees,
        string text
    ) => new TextRenderer(Language.Find(tag)!, style: style).Degrees(degrees).ShouldBe(text);

    [Fact]
    public void American_English_takes_what_it_does_not_say_otherwise_from_British()
    {
        var british = new TextRenderer(Language.Find("en")!);
        var american = new TextRenderer(Language.Find("en-US")!);
        american.Render(Text.Mistakes.OtherArms.Remedy).ShouldStartWith("Color the two rays");
        british.Render(Text.Mistakes.OtherArms.Remedy).ShouldStartWith("Colour the two arms");
        american
            .Render(Text.Marks.Choice.Missing)
            .ShouldBe(british.Render(Text.Marks.Choice.Missing));
    }

    // Every message, whatever its arguments, becomes text: nothing is left of the pattern.
    [Theory]
    [MemberData(nameof(Tags))]
    public void Every_message_becomes_text(string tag)
    {
        Language language = Language.Find(tag)!;
        var renderer = new TextRenderer(language);
        Message[] all = [.. EveryMessage()];
        all.Length.ShouldBeGreaterThan(200);
        foreach (Message message in all)
        {
            string text = renderer.Render(message);
            text.ShouldNotBeNullOrWhiteSpace(message.Id);
            text.ShouldNotContain('{', message.ToString());
            text.ShouldNotContain('}', message.ToString());
            text.ShouldNotContain("  ", Case.Sensitive, message.ToString());
            text.ShouldBe(text.Trim(), message.ToString());
        }
    }

    // Words that are spelled one way here and another way there.
    [Fact]
    public void Nothing_is_spelled_the_British_way_in_American_English()
    {
        var american = new TextRenderer(Language.Find("en-US")!);
        foreach (Message message in EveryMessage())
        {
            BritishSpelling().IsMatch(american.Render(message)).ShouldBeFalse(message.Id);
        }
    }

    [GeneratedRegex("(?i)colour|centre|metre|favour|practis|grey|analys|recognis|programme")]
    private static partial Regex BritishSpelling();

    private static IEnumerable<Message> EveryMessage()
    {
        foreach (System.Reflection.MemberInfo member in Members(typeof(Text)))
        {
            if (member is System.Reflection.PropertyInfo property)
            {
                yield return (Message)property.GetValue(null)!;
            }
            else if (member is System.Reflection.MethodInfo { IsSpecialName: false } method)
            {
                object[] arguments =
                [
                    .. method
                        .GetParameters()
                        .Select(p =>
                            p.ParameterType == typeof(double) ? 3.0
                            : p.ParameterType == typeof(string) ? "Bo"
                            : p.ParameterType == typeof(Enum) ? NumberStyle.Percent
                            : p.ParameterType == typeof(Message) ? Text.Marks.Choice.Missing
                            : (object)new[] { Text.Marks.Choice.Missing }
                        ),
                ];
                yield return (Message)method.Invoke(null, arguments)!;
            }
        }
    }

    private static IEnumerable<System.Reflection.MemberInfo> Members(Type type) =>
        type.GetMembers(
                System.Reflection.BindingFlags.Public
                    | System.Reflection.BindingFlags.Static
                    | System.Reflection.BindingFlags.DeclaredOnly
            )
            .SelectMany(m => m is Type nested ? Members(nested) : new[] { m }.AsEnumerable());
}
