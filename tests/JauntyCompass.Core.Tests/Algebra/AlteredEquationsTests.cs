using System.Data;
using System.Globalization;
using System.Text.RegularExpressions;
using Fractions;
using JauntyCompass.Core.Algebra;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Algebra;

/// <summary>
/// Thousands of equations as students type them, half of them with letters changed, dropped or put in. Whatever the reader takes for
/// the same equation is held against an evaluator of another making: that of <see cref="DataTable"/>, in floating point.
/// <c>JAUNTY_EQUATIONS</c> says how many; 100,000 is the whole trial.
/// </summary>
public partial class AlteredEquationsTests
{
    private const string Keys = "0123456789x+-−*/()=., °½⅓y";

    private static readonly int Count = int.Parse(
        Environment.GetEnvironmentVariable("JAUNTY_EQUATIONS") ?? "4000",
        CultureInfo.InvariantCulture
    );

    [Fact]
    public void Nothing_is_taken_for_an_equation_that_it_is_not()
    {
        var random = new Random(20_481);
        using var evaluator = new DataTable { Locale = CultureInfo.InvariantCulture };
        int accepted = 0;
        int refused = 0;
        for (int i = 0; i < Count; i++)
        {
            string original = Written(random);
            LinearEquation meant = AlgebraReader.Equation(original).Value!.Equation;
            Holds(evaluator, original, meant).ShouldBe(true, original);
            string altered = i % 2 == 0 ? original : Altered(random, original);
            Parsed<WrittenEquation> read = AlgebraReader.Equation(altered);
            if (read.IsRead && read.Value.Equation.IsEquivalentTo(meant))
            {
                accepted++;
                Holds(evaluator, altered, meant).ShouldBe(true, $"{altered} for {original}");
            }
            else
            {
                refused++;
                // What is the same to the other evaluator may only be refused for what cannot be read.
                if (read.IsRead)
                {
                    Holds(evaluator, altered, meant).ShouldNotBe(true, $"{altered} for {original}");
                }
            }
        }
        accepted.ShouldBeGreaterThan(Count / 2 - 1);
        refused.ShouldBeGreaterThan(Count / 4);
        TestContext.Current.SendDiagnosticMessage($"{accepted} accepted, {refused} refused");
    }

    private static string Written(Random random)
    {
        string sum = string.Join(
            " + ",
            Enumerable.Range(0, random.Next(1, 4)).Select(_ => Term(random))
        );
        string space = random.Next(3) == 0 ? "" : " ";
        return $"{Term(random, withX: true)}{space}+{space}{sum}{space}={space}{random.Next(1, 4) * 90 + random.Next(1, 9) * 1000}";
    }

    private static string Term(Random random, bool withX = false)
    {
        int number = random.Next(1, 40);
        return (withX ? random.Next(4) : random.Next(7)) switch
        {
            0 => $"{number}x",
            1 => $"{number}x/{random.Next(2, 7)}",
            2 => $"{random.Next(2, 9)}(x + {number})",
            3 => $"{number}.{random.Next(10)}·x",
            4 => $"{number}",
            5 => $"{number}/{random.Next(2, 9)}",
            _ => $"{number},{random.Next(10)}",
        };
    }

    private static string Altered(Random random, string text)
    {
        for (int times = random.Next(1, 4); times > 0; times--)
        {
            int at = random.Next(text.Length);
            char key = Keys[random.Next(Keys.Length)];
            text = random.Next(4) switch
            {
                0 => text.Remove(at, 1),
                1 => text.Insert(at, key.ToString()),
                2 when at > 0 => text[..(at - 1)] + text[at] + text[at - 1] + text[(at + 1)..],
                _ => text[..at] + key + text[(at + 1)..],
            };
        }
        return text;
    }

    // Whether an equation holds at the x that is meant, and at no other; null where the evaluator cannot make anything of it.
    private static bool? Holds(DataTable evaluator, string text, LinearEquation meant)
    {
        string[] sides = text.Split('=');
        if (sides.Length != 2 || meant.Solution is not Fraction x)
        {
            return null;
        }
        double at = (double)x;
        double? here = Difference(at);
        double? there = Difference(at + 1);
        return here is null || there is null
            ? null
            : Math.Abs(here.Value) < 1e-6 * (1 + Math.Abs(at)) && Math.Abs(there.Value) > 1e-6;

        double? Difference(double value) =>
            Value(sides[0], value) is double left && Value(sides[1], value) is double right
                ? left - right
                : null;

        double? Value(string side, double value)
        {
            try
            {
                string plain = Plain(side)
                    .Replace(
                        "x",
                        "(" + value.ToString("F12", CultureInfo.InvariantCulture) + ")",
                        StringComparison.Ordinal
                    );
                return (double)evaluator.Compute($"Convert({plain}, 'System.Double')", null);
            }
            catch (Exception e)
                when (e
                        is InvalidExpressionException
                            or FormatException
                            or OverflowException
                            or DivideByZeroException
                            or InvalidCastException
                )
            {
                return null;
            }
        }
    }

    // As that evaluator writes it: all signs of multiplication there, no comma, no fractions of one character.
    private static string Plain(string text)
    {
        text = text.Replace("°", "", StringComparison.Ordinal)
            .Replace('−', '-')
            .Replace('·', '*')
            .Replace("X", "x", StringComparison.Ordinal);
        text = Comma().Replace(text, "$1.$2");
        text = Half().Replace(text, "(0$1+1.0/2)");
        text = Third().Replace(text, "(0$1+1.0/3)");
        text = Mixed().Replace(text, "($1+$2.0/$3)");
        text = Whole().Replace(text, "$1.0");
        return Beside().Replace(text, "$1*");
    }

    [GeneratedRegex(@"(\d*),(\d)")]
    private static partial Regex Comma();

    [GeneratedRegex(@"(\d*) *½")]
    private static partial Regex Half();

    [GeneratedRegex(@"(\d*) *⅓")]
    private static partial Regex Third();

    [GeneratedRegex(@"(?<![\d.])(\d+) +(\d+)/(\d+)(?![\d.])")]
    private static partial Regex Mixed();

    [GeneratedRegex(@"(?<![\d.])(\d+)(?![\d.])")]
    private static partial Regex Whole();

    [GeneratedRegex(@"([\dx)])\s*(?=[x(])")]
    private static partial Regex Beside();
}
