using Fractions;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Answers;

/// <summary>A number of degrees that is worked out: 7 is wrong where 7½ is right.</summary>
/// <param name="Value">The number.</param>
public sealed record ExactDegrees(Fraction Value) : ExactAnswer
{
    /// <summary>A number of degrees as it was typed.</summary>
    public static ExactDegrees Typed(double degrees) => new(ExactNumber.Typed(degrees));

    /// <inheritdoc/>
    public override double? Degrees => Value.ToDouble();

    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.Degrees(Value.ToDouble());

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
    public override Message Text => Locales.Text.Units.Number(Value.ToDouble());

    /// <inheritdoc/>
    public override int UsualWrong => 10;
}
