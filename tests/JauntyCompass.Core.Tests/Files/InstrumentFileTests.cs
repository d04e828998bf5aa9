using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Instruments;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Files;

public class InstrumentFileTests
{
    [Fact]
    public void Every_instrument_goes_round_through_its_file_unchanged()
    {
        foreach (Protractor protractor in InstrumentCatalogue.All)
        {
            var faults = new Faults();
            string text = InstrumentFile.Write(protractor);
            Protractor read = InstrumentFile.Read(text, faults)!;
            faults.Found.ShouldBeEmpty(protractor.Id);
            InstrumentFile.Write(read).ShouldBe(text);
        }
    }

    [Theory]
    [InlineData("\"version\": 1", "\"version\": 2", "version must be 1")]
    [InlineData("\"format\": \"jaunty-instrument\"", "\"format\": \"spoon\"", "format must be")]
    [InlineData("\"edgeRadius\": 75", "\"edgeRadius\": -75", "instrument.edgeRadius must be")]
    [InlineData(
        "\"growth\": \"clockwise\"",
        "\"growth\": \"anticlockwise\"",
        "instrument.scales[0].growth"
    )]
    [InlineData("\"growth\": \"clockwise\"", "\"growth\": \"sideways\"", "unknown name")]
    [InlineData("\"shape\": \"halfCircle\",", "\"shape\": \"halfCircle\"", "this is not JSON here")]
    public void A_broken_file_names_the_line(string whole, string broken, string says)
    {
        string text = InstrumentFile.Write(InstrumentCatalogue.DeskHalfCircle);
        text.ShouldContain(whole);
        string edited = text.Replace(whole, broken, StringComparison.Ordinal);
        int line =
            edited.Split('\n').ToList().FindIndex(l => l.Contains(broken, StringComparison.Ordinal))
            + 1;
        var faults = new Faults();
        InstrumentFile.Read(edited, faults).ShouldBeNull();
        string message = faults.Found[0].Message;
        message.ShouldContain(says);
        // A comma that is missing is noticed on the next line.
        int named = int.Parse(
            message.Split(' ', ':')[1],
            System.Globalization.CultureInfo.InvariantCulture
        );
        named.ShouldBeInRange(line, line + 1);
    }

    [Theory]
    [InlineData("")]
    [InlineData("null")]
    [InlineData("[]")]
    [InlineData("{\"format\": \"jaunty-instrument\"}")]
    [InlineData("{\"format\": \"jaunty-instrument\", \"version\": 1, \"instrument\": {\"id\"")]
    public void What_is_no_file_at_all_is_refused(string text)
    {
        var faults = new Faults();
        InstrumentFile.Read(text, faults).ShouldBeNull();
        faults.Found.ShouldHaveSingleItem().Message.ShouldStartWith("line 1");
    }
}
