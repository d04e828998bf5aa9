using Fractions;
using FsCheck.Xunit;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Algebra;

public class AlgebraReaderTests
{
    private static Fraction Number(string text)
    {
        Parsed<WrittenNumber> parsed = AlgebraReader.Number(text);
        parsed.IsRead.ShouldBeTrue($"{text}: {parsed.Problem?.Text.Said()}");
        return parsed.Value!.Value;
    }

    [Theory]
    [InlineData("43/3")]
    [InlineData(" 43 ÷ 3 ")]
    [InlineData("43:3")]
    [InlineData("14.333…")]
    [InlineData("14.333...")]
    [InlineData("14,3…")]
    [InlineData("14.3\u0305")]
    [InlineData("14.3\u0307")]
    [InlineData("14,3\u0302")]
    [InlineData("14.(3)")]
    [InlineData("14.33(33)")]
    [InlineData("14 1/3")]
    [InlineData("14⅓")]
    [InlineData("14 ⅓°")]
    [InlineData("x = 14 1/3")]
    [InlineData("−(−86/6)")]
    public void A_third_is_written_in_many_ways(string text) =>
        Number(text).ShouldBe(new Fraction(43, 3));

    [Theory]
    [InlineData("0.1666…", 1, 6)]
    [InlineData("0.142857142857…", 1, 7)]
    [InlineData("0.1\u03074285\u03077\u0307", 1, 7)]
    [InlineData("2.345345…", 2343, 999)]
    [InlineData("2,5", 5, 2)]
    [InlineData("-.5", -1, 2)]
    [InlineData("2(3.5 − 1)", 5, 1)]
    public void Decimals_are_exact(string text, int above, int below) =>
        Number(text).ShouldBe(new Fraction(above, below));

    [Theory]
    [InlineData("14.3", true)]
    [InlineData("14.33", true)]
    [InlineData("14", true)]
    [InlineData("14,333", true)]
    [InlineData("14.34", false)]
    [InlineData("14.4", false)]
    [InlineData("41.3", false)]
    [InlineData("14.333…", false)]
    [InlineData("43/3", false)]
    public void A_rounded_number_is_known_from_a_wrong_one(string text, bool rounded) =>
        AlgebraReader.Number(text).Value!.IsRounded(new Fraction(43, 3)).ShouldBe(rounded);

    [Theory]
    [InlineData("3x + 2 + x = 90", "4x + 2 = 90", 2, false)]
    [InlineData("4x=88", "4x = 88", 1, false)]
    [InlineData("90 = x+2+3X", "90 = 4x + 2", 2, false)]
    [InlineData("2(x + 5) − x/2 = 90°", "3x/2 + 10 = 90", 2, false)]
    [InlineData("½x + ⅓x = 180", "⅚x = 180", 2, false)]
    [InlineData("1/2x + 1 1/2 = 90", "½x + 1½ = 90", 1, false)]
    [InlineData("x = 22", "x = 22", 1, true)]
    [InlineData("22 = x", "22 = x", 1, true)]
    [InlineData("2·x − 4 = x", "2x − 4 = x", 2, false)]
    public void An_equation_is_what_it_says(string text, string same, int terms, bool solved)
    {
        WrittenEquation written = AlgebraReader.Equation(text).Value!;
        written.Equation.ToString().ShouldBe(same);
        written.TermsWithX.ShouldBe(terms);
        written.IsSolved.ShouldBe(solved);
    }

    [Theory]
    [InlineData("", 0, "algebra.reading.number-missing-first")]
    [InlineData("3y + 2 = 90", 1, "algebra.reading.unreadable")]
    [InlineData("y = 90", 0, "algebra.reading.only-x")]
    [InlineData("3x + = 90", 5, "algebra.reading.number-missing")]
    [InlineData("3x 2 = 90", 3, "algebra.reading.sign-missing")]
    [InlineData("2(x + 5 = 90", 1, "algebra.reading.bracket-not-closed")]
    [InlineData("2x + 5) = 90", 6, "algebra.reading.bracket-not-opened")]
    [InlineData("x·x = 90", 1, "algebra.reading.x-times-x")]
    [InlineData("90/x = 2", 2, "algebra.reading.divided-by-x")]
    [InlineData("x/0 = 2", 1, "algebra.reading.divided-by-zero")]
    [InlineData("x = 2 = 3", 6, "algebra.reading.one-equals")]
    [InlineData("3x + 2", 6, "algebra.reading.equals-missing")]
    [InlineData("88 = 88", 0, "algebra.reading.no-x")]
    [InlineData("3x + 12345678901234567890 = 1", 5, "algebra.reading.unreadable")]
    public void What_cannot_be_read_is_said_with_its_place(string text, int at, string id)
    {
        ParsingProblem problem = AlgebraReader.Equation(text).Problem!;
        problem.Text.Id.ShouldBe(id);
        problem.At.ShouldBe(at);
    }

    [Fact]
    public void Long_and_deep_texts_are_refused_and_not_worked_at()
    {
        string deep = new string('(', 60) + "x" + new string(')', 59);
        AlgebraReader.Expression(deep).Problem!.Text.ShouldBe(Text.Algebra.Reading.TooLong);
        AlgebraReader
            .Expression(new string('1', 100_000))
            .Problem!.Text.ShouldBe(Text.Algebra.Reading.TooLong);
        AlgebraReader.Number("3x").Problem!.Text.ShouldBe(Text.Algebra.Reading.NumberOnly);
    }

    [Property(MaxTest = 500)]
    public void What_is_written_is_read_again(short x, byte below, short constant, byte under)
    {
        var expression = new LinearExpression(
            new Fraction(x, below + 1),
            new Fraction(constant, under + 1)
        );
        AlgebraReader.Expression(expression.ToString()).Value!.Value.ShouldBe(expression);
    }

    [Property(MaxTest = 300)]
    public void An_equation_holds_where_it_is_solved(short a, short b, short c, short d)
    {
        var equation = new LinearEquation(new(a, b), new(c, d));
        if (equation.Solution is Fraction x)
        {
            equation.Left.At(x).ShouldBe(equation.Right.At(x));
        }
        else
        {
            a.ShouldBe(c);
        }
    }
}
