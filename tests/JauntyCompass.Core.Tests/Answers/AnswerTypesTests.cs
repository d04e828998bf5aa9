using Fractions;
using FsCheck.Xunit;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Answers;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Answers;

/// <summary>Each type of answer holds when two of its answers are the same one.</summary>
public class AnswerTypesTests
{
    private static readonly Answer[] OneOfEach =
    [
        new Reading(7),
        new Estimate(7),
        new ExactDegrees(7),
        new Count(7),
        new Choice("7", Text.Units.AsWritten("7")),
        new AngleName("7"),
        new DrawnAngle(7),
        new Length(7),
        new Ratio(7),
    ];

    [Property(MaxTest = 200)]
    public void What_is_typed_is_kept_digit_by_digit(short whole, byte tenths)
    {
        double typed = (double)(10 * whole + tenths % 10) / 10;
        ExactNumber.Typed(typed).ShouldBe(new Fraction(10 * whole + tenths % 10, 10));
        ((double)ExactNumber.Typed(typed)).ShouldBe(typed);
    }

    [Theory]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    [InlineData(1e300)]
    public void What_is_no_number_or_beyond_all_answers_is_refused(double typed) =>
        Should.Throw<ArgumentOutOfRangeException>(() => ExactNumber.Typed(typed));

    [Theory]
    [InlineData(0)]
    [InlineData(2)]
    [InlineData(10)]
    public void What_is_exact_has_no_tolerance_and_what_is_measured_has(double tolerance)
    {
        new ExactDegrees(7).IsApartFrom(ExactDegrees.Typed(7.5), tolerance).ShouldBeTrue();
        ExactDegrees.Typed(7.5).IsApartFrom(ExactDegrees.Typed(7.5), tolerance).ShouldBeFalse();
        new Count(0).IsApartFrom(Count.Typed(0.5), tolerance).ShouldBeTrue();
        new Reading(64).IsApartFrom(new Reading(64 + tolerance), tolerance).ShouldBeFalse();
        new Reading(64).IsApartFrom(new Reading(64.1 + tolerance), tolerance).ShouldBeTrue();
    }

    [Fact]
    public void A_length_has_a_tolerance_in_millimetres_and_a_ratio_one_of_its_own_size()
    {
        new Length(46.1).IsApartFrom(new Length(47.1), tolerance: 0).ShouldBeFalse();
        new Length(46).IsApartFrom(new Length(47.5), tolerance: 10).ShouldBeTrue();
        Ratio half = Ratio.Of(new Length(40), new Length(80));
        half.IsApartFrom(Ratio.Of(new Length(41), new Length(79)), tolerance: 0).ShouldBeFalse();
        half.IsApartFrom(Ratio.Of(new Length(44), new Length(80)), tolerance: 10).ShouldBeTrue();
        new Ratio(0.625).Text.Said().ShouldBe("0.63");
        Should.Throw<ArgumentOutOfRangeException>(() => Ratio.Of(new Length(4), new Length(0)));
    }

    [Fact]
    public void Answers_of_two_types_are_never_the_same()
    {
        foreach (Answer one in OneOfEach)
        {
            foreach (Answer other in OneOfEach)
            {
                one.IsApartFrom(other, 360)
                    .ShouldBe(!ReferenceEquals(one, other), $"{one} {other}");
            }
        }
    }
}
