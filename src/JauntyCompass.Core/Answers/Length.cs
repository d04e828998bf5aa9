using JauntyCompass.Locales;

namespace JauntyCompass.Core.Answers;

/// <summary>A length that is measured with a ruler.</summary>
/// <param name="Millimetres">The length, in mm.</param>
public sealed record Length(double Millimetres) : MeasuredAnswer
{
    /// <summary>A careful ruler reads within this, in mm. Common practice, no source.</summary>
    public const double Good = 1;

    // 47.1 − 46.1 is a hair more than 1.
    private const double RoundingAllowance = 1e-9;

    /// <inheritdoc/>
    public override Message Text => Locales.Text.Units.Distance(Millimetres);

    // A tolerance in degrees says nothing of a length.
    /// <inheritdoc/>
    public override bool IsApartFrom(Answer other, double tolerance) =>
        other is not Length length
        || Math.Abs(Millimetres - length.Millimetres) > Good + RoundingAllowance;
}

/// <summary>How many times one length is as long as another, worked out of two that were measured.</summary>
/// <param name="Value">The ratio; positive.</param>
public sealed record Ratio(double Value) : MeasuredAnswer
{
    /// <summary>
    /// Two ratios agree within this share of them: what a ruler leaves open of lengths of some 40 mm. Common practice, no source.
    /// </summary>
    public const double GoodShare = 0.05;

    /// <summary>The ratio of two lengths.</summary>
    /// <exception cref="ArgumentOutOfRangeException">One of them is not positive.</exception>
    public static Ratio Of(Length one, Length other)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(one.Millimetres);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(other.Millimetres);
        return new Ratio(one.Millimetres / other.Millimetres);
    }

    /// <inheritdoc/>
    public override Message Text =>
        Locales.Text.Units.Number(Math.Round(Value, 2, MidpointRounding.AwayFromZero));

    // A ratio has neither degrees nor millimetres: what it may be off by grows with it.
    /// <inheritdoc/>
    public override bool IsApartFrom(Answer other, double tolerance) =>
        other is not Ratio ratio
        || Math.Abs(Value - ratio.Value) > GoodShare * Math.Max(Value, ratio.Value);
}
