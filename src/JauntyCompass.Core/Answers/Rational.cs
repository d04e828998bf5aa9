namespace JauntyCompass.Core.Answers;

/// <summary>An exact number: a fraction in lowest terms, so that a half and two quarters are one number.</summary>
public readonly record struct Rational
{
    private readonly long _below;

    /// <summary>Makes a fraction.</summary>
    /// <param name="numerator">What stands above the line.</param>
    /// <param name="denominator">What stands below it; not 0.</param>
    /// <exception cref="ArgumentOutOfRangeException">The denominator is 0.</exception>
    public Rational(long numerator, long denominator)
    {
        ArgumentOutOfRangeException.ThrowIfZero(denominator);
        long common = GreatestCommonDivisor(Math.Abs(numerator), Math.Abs(denominator));
        long sign = Math.Sign(denominator);
        Numerator = sign * numerator / common;
        _below = (sign * denominator / common) - 1;
    }

    /// <summary>What stands above the line.</summary>
    public long Numerator { get; }

    /// <summary>What stands below it; positive. Kept less one, so that the default is 0 and not nothing at all.</summary>
    public long Denominator => _below + 1;

    /// <summary>A number as somebody types it: 47.1 is meant, not the binary fraction nearest to it.</summary>
    /// <param name="number">−1,000,000 to 1,000,000; digits beyond the ninth decimal are rounded.</param>
    /// <exception cref="ArgumentOutOfRangeException">It is larger, or no number.</exception>
    public static Rational Of(double number)
    {
        const long Most = 1_000_000;
        const long Ninth = 1_000_000_000;
        if (!(Math.Abs(number) <= Most))
        {
            throw new ArgumentOutOfRangeException(nameof(number));
        }
        return new Rational((long)Math.Round((decimal)number * Ninth), Ninth);
    }

    /// <summary>The nearest number of double precision.</summary>
    public double Quotient => (double)Numerator / Denominator;

    private static long GreatestCommonDivisor(long a, long b)
    {
        while (b != 0)
        {
            (a, b) = (b, a % b);
        }
        return Math.Max(a, 1);
    }
}
