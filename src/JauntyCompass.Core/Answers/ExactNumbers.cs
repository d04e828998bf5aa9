using Fractions;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Answers;

/// <summary>A number of degrees that is worked out: 7 is wrong where 7½ is right, and 14.3 where 14⅓ is.</summary>
/// <param name="Value">The number.</param>
public sealed record ExactDegrees(Fraction Value) : ExactAnswer
{
    /// <summary>A number of degrees as it was typed.</summary>
    public static ExactDegrees Typed(double degrees) => new(ExactNumber.Typed(degrees));

    /// <inheritdoc/>
    public override double? Degrees => (double)Value;

    /// <inheritdoc/>
    public override Message Text =>
        // Degrees are written to a tenth elsewhere; here more decimals are another answer.
        (Value * 10)
            .Denominator
            .IsOne
            ? Locales.Text.Units.Degrees((double)Value)
        : ExactNumber.IsDecimal(Value) ? Locales.Text.Algebra.DecimalMeasure((double)Value)
        : Locales.Text.Algebra.Measure(ExactNumber.Write(Value));

    /// <inheritdoc/>
    public override int UsualWrong => 360;
}

/// <summary>How many there are of something.</summary>
/// <param name="Value">The number; what is typed need not be a whole one.</param>
public sealed record Count(Fraction Value) : ExactAnswer
{
    /// <summary>A count as it was typed.</summary>
    public static Count Typed(double number) => new(ExactNumber.Typed(number));

    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.Number((double)Value);

    /// <inheritdoc/>
    public override int UsualWrong => 10;
}
