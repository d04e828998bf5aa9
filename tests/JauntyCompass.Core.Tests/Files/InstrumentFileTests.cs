using System.Text.RegularExpressions;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
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
            var errors = new ValidationErrors();
            string text = InstrumentFile.Write(protractor);
            Protractor read = InstrumentFile.Read(text, errors)!;
            errors.Found.ShouldBeEmpty(protractor.Id);
            InstrumentFile.Write(read).ShouldBe(text);
        }
    }

    [Theory]
    [InlineData("\"version\": 1", "\"version\": 2", "another version")]
    [InlineData("\"format\": \"jaunty-instrument\"", "\"format\": \"spoon\"", "format must be")]
    [InlineData(
        "\"edgeRadius\": 75",
        "\"edgeRadius\": -75",
        "text.instrument.edgeRadius: Use a number"
    )]
    [InlineData(
        "\"growth\": \"clockwise\"",
        "\"growth\": \"anticlockwise\"",
        "text.instrument.scales[0].growth: A scale"
    )]
    [InlineData("\"growth\": \"clockwise\"", "\"growth\": \"sideways\"", "not a value we can use")]
    [InlineData("\"shape\": \"halfCircle\",", "\"shape\": \"halfCircle\"", "something is cut off")]
    public void A_broken_file_names_the_line(string whole, string broken, string says)
    {
        string text = InstrumentFile.Write(InstrumentCatalogue.DeskHalfCircle);
        text.ShouldContain(whole);
        string edited = text.Replace(whole, broken, StringComparison.Ordinal);
        int line =
            edited.Split('\n').ToList().FindIndex(l => l.Contains(broken, StringComparison.Ordinal))
            + 1;
        var errors = new ValidationErrors();
        InstrumentFile.Read(edited, errors).ShouldBeNull();
        string message = errors.Found[0].Message.Said();
        $"{errors.Found[0].Field}: {message}".ShouldContain(says);
        // A comma that is missing is noticed on the next line.
        int named = int.Parse(
            Regex.Match(message, "See line ([0-9]+) of the file").Groups[1].Value,
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
        var errors = new ValidationErrors();
        InstrumentFile.Read(text, errors).ShouldBeNull();
        errors.Found.ShouldHaveSingleItem().Message.Said().ShouldEndWith("See line 1 of the file.");
    }
}
