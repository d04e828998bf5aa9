using JauntyCompass.Locales;

namespace JauntyCompass.Core.Answers;

/// <summary>A number of degrees that is read on an instrument, or computed from readings.</summary>
/// <param name="Value">Degrees.</param>
public sealed record Reading(double Value) : MeasuredAnswer
{
    /// <summary>A reading as somebody writes it, in tenths of a degree: what is compared is what is written.</summary>
    public static Reading Written(double degrees) => new(Math.Round(degrees, 1));

    /// <inheritdoc/>
    public override double? Degrees => Value;

    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.Degrees(Value);

    /// <inheritdoc/>
    public override bool IsApartFrom(Answer other, double tolerance) =>
        other is not Reading reading || Math.Abs(Value - reading.Value) > tolerance;
}

/// <summary>An angle that is drawn with an instrument.</summary>
/// <param name="Value">What it measures, in degrees.</param>
public sealed record DrawnAngle(double Value) : MeasuredAnswer
{
    /// <inheritdoc/>
    public override double? Degrees => Value;

    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.Degrees(Value);

    /// <inheritdoc/>
    public override bool IsApartFrom(Answer other, double tolerance) =>
        other is not DrawnAngle drawn || Math.Abs(Value - drawn.Value) > tolerance;
}

/// <summary>A number of degrees by eye: near enough to serve as a check, no measurement.</summary>
/// <param name="Truth">The true measure, in degrees.</param>
public sealed record Estimate(double Truth) : MeasuredAnswer
{
    /// <summary>An estimate this near, in degrees, serves as a check. Common practice, no source.</summary>
    public const double Good = 15;

    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.About(Math.Round(Truth / 5) * 5);

    /// <inheritdoc/>
    public override bool IsApartFrom(Answer other, double tolerance) =>
        other is not Estimate estimate || Math.Abs(Truth - estimate.Truth) > Good;
}
