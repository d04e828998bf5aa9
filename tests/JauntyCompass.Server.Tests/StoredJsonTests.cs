using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Server.Storage;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>What is kept as JSON carries the number of its form, and is read in every form that there has been.</summary>
public class StoredJsonTests
{
    private static readonly Response Handed = new MeasureResponse(64, AngleKind.Acute);

    [Fact]
    public void It_is_written_with_its_number_and_read_again()
    {
        string written = StoredJson.Write(Handed);
        written.ShouldStartWith("{\"version\":1,\"content\":{\"kind\":\"measure\"");
        StoredJson.Read<Response>(written).ShouldBe(Handed);
    }

    [Fact]
    public void The_order_in_which_a_database_writes_it_does_not_matter()
    {
        string content = StoredJson.Write(Handed)["{\"version\":1,\"content\":".Length..^1];
        StoredJson.Read<Response>($"{{\"content\": {content}, \"version\": 1}}").ShouldBe(Handed);
    }

    [Fact]
    public void What_a_later_version_wrote_is_not_guessed_at()
    {
        string later = StoredJson
            .Write(Handed)
            .Replace("\"version\":1", "\"version\":2", StringComparison.Ordinal);
        Should
            .Throw<InvalidDataException>(() => StoredJson.Read<Response>(later))
            .Message.ShouldContain("Install the later version");
    }
}
