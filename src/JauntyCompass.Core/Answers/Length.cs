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

/// <summary>
/// What a ratio may be when both lengths were read from a ruler: each may be off by half a graduation, so that a bare decimal says more
/// than anybody knows.
/// </summary>
/// <param name="Least">The least it may be.</param>
/// <param name="Most">The most it may be.</param>
public readonly record struct RatioRange(double Least, double Most)
{
    /// <summary>What a reading to the nearest millimetre leaves open, in mm.</summary>
    public const double RulerError = 0.5;

    // Nothing that is drawn is shorter, in mm.
    private const double LeastLength = 1;

    private const double Hundredths = 100;

    /// <summary>The range of the ratio of two lengths.</summary>
    /// <param name="one">One length, in mm; at least 1.</param>
    /// <param name="other">The length it is divided by, in mm; at least 1.</param>
    /// <param name="error">How far either may be off, in mm; less than 1.</param>
    public static RatioRange Of(double one, double other, double error = RulerError)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(one, LeastLength);
        ArgumentOutOfRangeException.ThrowIfLessThan(other, LeastLength);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(error, LeastLength);
        return new((one - error) / (other + error), (one + error) / (other - error));
    }

    /// <summary>As it is written: to a hundredth, and never narrower than it is.</summary>
    public RatioRange Written =>
        new(
            Math.Floor(Least * Hundredths) / Hundredths,
            Math.Ceiling(Most * Hundredths) / Hundredths
        );

    /// <summary>Whether some ratios may be one and the same.</summary>
    public static bool Agree(IReadOnlyList<RatioRange> ratios) =>
        ratios.Max(r => r.Least) <= ratios.Min(r => r.Most);

    /// <summary>Whether a ratio lies in it, or may lie there before it was rounded.</summary>
    /// <param name="ratio">The ratio.</param>
    /// <param name="rounding">How far it may have been rounded.</param>
    public bool Contains(double ratio, double rounding) =>
        ratio >= Least - rounding && ratio <= Most + rounding;
}
