using JauntyCompass.Locales;

namespace JauntyCompass.Core.Answers;

/// <summary>A number of degrees that is worked out: 7 is wrong where 7½ is right.</summary>
/// <param name="Value">The number.</param>
public sealed record ExactDegrees(Rational Value) : ExactAnswer
{
    /// <summary>A number of degrees as it was typed.</summary>
    public ExactDegrees(double degrees)
        : this(Rational.Of(degrees)) { }

    /// <inheritdoc/>
    public override double? Degrees => Value.Quotient;

    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.Degrees(Value.Quotient);

    /// <inheritdoc/>
    public override int UsualWrong => 360;
}

/// <summary>How many there are of something.</summary>
/// <param name="Value">The number; what is typed need not be a whole one.</param>
public sealed record Count(Rational Value) : ExactAnswer
{
    /// <summary>A count as it was typed.</summary>
    public Count(double number)
        : this(Rational.Of(number)) { }

    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.Number(Value.Quotient);

    /// <inheritdoc/>
    public override int UsualWrong => 10;
}
