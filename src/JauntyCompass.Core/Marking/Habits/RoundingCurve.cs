namespace JauntyCompass.Core.Marking.Habits;

/// <summary>
/// How likely a number is written that lies so far off what was aimed at, by an eye that strays and a hand that rounds to a step: as much
/// of the normal distribution as is rounded to it. Computed once on a grid and read off in between, since marking asks for it hundreds of
/// times an answer.
/// </summary>
internal sealed class RoundingCurve
{
    private const int PerDegree = 16;

    // So far off, in degrees, nothing is likely any more.
    private const int Farthest = 56;
    private const double Beyond = 6;

    private readonly double[] _values = new double[Farthest * PerDegree + 1];

    private RoundingCurve(Func<double, double> likelihood)
    {
        for (int i = 0; i < _values.Length; i++)
        {
            _values[i] = likelihood((double)i / PerDegree);
        }
    }

    /// <summary>The curve of an eye and a step.</summary>
    /// <param name="step">What is rounded to, in degrees.</param>
    /// <param name="deviation">How far the eye strays: standard deviation in degrees.</param>
    internal static RoundingCurve Of(double step, double deviation) =>
        new(off => Likelihood(off, step, deviation));

    /// <summary>The mean of this curve and of those of another that is aimed at numbers so far off, as often one as another.</summary>
    internal RoundingCurve MixedWith(RoundingCurve other, IReadOnlyList<int> aims) =>
        new(off => (At(off) + aims.Average(by => other.At(off - by))) / 2);

    /// <summary>The likelihood of a number so far off, in degrees either way.</summary>
    internal double At(double off)
    {
        double place = Math.Abs(off) * PerDegree;
        int before = (int)place;
        return before >= _values.Length - 1
            ? 0
            : _values[before] + (place - before) * (_values[before + 1] - _values[before]);
    }

    /// <summary>The same, computed.</summary>
    internal static double Likelihood(double off, double step, double deviation)
    {
        off = Math.Abs(off);
        double half = step / 2;
        return off - half > Beyond * deviation
            ? 0
            : Math.Max(
                0,
                Normal.Below((off + half) / deviation) - Normal.Below((off - half) / deviation)
            );
    }
}

/// <summary>The normal distribution.</summary>
internal static class Normal
{
    /// <summary>Its density, a degree.</summary>
    internal static double Density(double off, double variance)
    {
        double exponent = off * off / (2 * variance);
        return exponent > 40 ? 0 : Math.Exp(-exponent) / Math.Sqrt(2 * Math.PI * variance);
    }

    /// <summary>
    /// Its distribution function, by the rational approximation 26.2.17 of Abramowitz and Stegun's handbook; within 1e-7. From memory.
    /// </summary>
    internal static double Below(double x)
    {
        double size = Math.Abs(x);
        if (size > 6)
        {
            return x > 0 ? 1 : 0;
        }
        double t = 1 / (1 + 0.2316419 * size);
        double above =
            0.3989422804014327
            * Math.Exp(-size * size / 2)
            * t
            * (
                0.319381530
                + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429)))
            );
        return x > 0 ? 1 - above : above;
    }
}
