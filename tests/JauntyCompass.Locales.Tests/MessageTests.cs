using System.Text.Json;
using Shouldly;
using Xunit;

namespace JauntyCompass.Locales.Tests;

public class MessageTests
{
    private enum Kind
    {
        FullTurn,
    }

    [Fact]
    public void Two_with_the_same_id_and_arguments_are_the_same()
    {
        Message one = Text.Marks.Reading.Fits(64);
        one.ShouldBe(Text.Marks.Reading.Fits(64));
        one.GetHashCode().ShouldBe(Text.Marks.Reading.Fits(64).GetHashCode());
        one.ShouldNotBe(Text.Marks.Reading.Fits(65));
        one.ShouldNotBe(Text.Marks.Drawing.Fits(64));
        Text.Marks.Reading.Missing.ShouldBe(Text.Marks.Reading.Missing);
    }

    [Fact]
    public void It_is_written_with_its_arguments_and_read_again()
    {
        Message message = Text.Marks.Kind.CanItBe(Kind.FullTurn, 64.5);
        string json = JsonSerializer.Serialize(message);
        json.ShouldBe(
            """{"id":"marks.kind.can-it-be","arguments":{"kind":"fullTurn","reading":64.5}}"""
        );
        JsonSerializer.Deserialize<Message>(json).ShouldBe(message);
        JsonSerializer
            .Serialize(Text.Marks.Choice.Missing)
            .ShouldBe("""{"id":"marks.choice.missing"}""");
    }

    [Theory]
    [InlineData("17")]
    [InlineData("{}")]
    [InlineData("""{"id":4}""")]
    [InlineData("""{"id":"a","arguments":{"b":true}}""")]
    public void What_is_no_message_is_refused(string json) =>
        Should.Throw<JsonException>(() => JsonSerializer.Deserialize<Message>(json));
}
