using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Wording;

public class WordingTests
{
    [Theory]
    [InlineData(0, "zero")]
    [InlineData(60, "sixty")]
    [InlineData(100, "a hundred")]
    [InlineData(120, "a hundred and twenty")]
    [InlineData(200, "two hundred")]
    [InlineData(350, "three hundred and fifty")]
    public void Tens_are_said_as_when_counting(int ten, string said) =>
        Text.Demonstrations.Count.Tens(ten).Said().ShouldEndWith(said);

    [Theory]
    [InlineData(64, "64°")]
    [InlineData(45.5, "45.5°")]
    [InlineData(44.04, "44°")]
    [InlineData(-0.01, "0°")]
    [InlineData(0.25, "0.3°")]
    public void Degrees_are_written_without_needless_decimals(double degrees, string written) =>
        Numbers.Degrees(degrees).ShouldBe(written);

    [Fact]
    public void Every_kind_has_its_words()
    {
        foreach (AngleKind kind in Enum.GetValues<AngleKind>())
        {
            Text.Angles.Adjective(kind).Said().ShouldNotBeEmpty();
            Text.Demonstrations.Kind.Looked(kind).Said().ShouldContain(" it ", Case.Insensitive);
        }
        Text.Angles.Adjective(AngleKind.FullTurn).Said().ShouldBe("full turn");
    }

    [Fact]
    public void An_angle_is_named_with_the_vertex_in_the_middle_and_rays_from_their_endpoint()
    {
        var names = new AngleNames("S", "R", "T");
        names.Full.ShouldBe("∠RST");
        names.StartRay.ShouldBe("SR");
        names.EndRay.ShouldBe("ST");
        ValidationErrors
            .Of(new AngleNames("S", "S", "T"))
            .Found.ShouldHaveSingleItem()
            .Field.ShouldBe("vertex");
    }

    [Theory]
    [InlineData(0, "The zero of the inner numbers is on the start arm")]
    [InlineData(9, "is 9° off the start arm")]
    [InlineData(30, "Neither arm is on the zero line")]
    [InlineData(180, "no marks")]
    public void The_advice_says_why_and_what_to_do(double turn, string says)
    {
        var angle = new Angle(
            default,
            new Direction(0),
            new Measure(70),
            TurnDirection.Anticlockwise,
            90,
            90
        );
        LaidAngle laid = LaidAngle.Of(
            angle,
            InstrumentCatalogue.DeskHalfCircle,
            new Placement(default, new Direction(turn))
        );
        AdviceSentences.Why(laid).Said().ShouldContain(says);
    }
}
