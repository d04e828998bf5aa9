namespace JauntyCompass.Core.Marking.Habits;

/// <summary>
/// Hands and eyes as students may have them: how far they stray, to what they round, how often they lapse. Which of them a student has
/// is not known and is learned with every answer; until then each counts with its prior. Priors, noises and rates are common practice,
/// no source.
/// </summary>
/// <remarks>
/// Likelihoods are those of the number as it is written, for each hand: a probability for a number that is read, which somebody rounds,
/// and a density a degree for one that is drawn.
/// </remarks>
public static class HandModel
{
    // Standard deviations in degrees, and how usual they are.
    private static readonly double[] Noises = [0.5, 1.0, 1.7];
    private static readonly double[] OfNoise = [0.4, 0.4, 0.2];

    // What numbers are rounded to, in degrees; 0 stands for a hand that takes now this, now that.
    private static readonly int[] Steps = [1, 2, 5, 10, 0];
    private static readonly double[] OfStep = [0.72, 0.05, 0.08, 0.05, 0.1];
    private static readonly double[] MixedOf = [0.5, 0.2, 0.3];

    // How often a number is some degrees off for no reason that anybody could tell, and how far then.
    private static readonly double[] Lapses = [0.02, 0.13];
    private static readonly double[] OfLapse = [0.75, 0.25];
    private const double LapseSpread = 7;

    // Half of the lapses are a five or a ten taken for its neighbour, in degrees.
    private static readonly int[] LapsedBy = [-10, -5, 5, 10];

    // Who rounds does not always.
    private const double Unrounded = 0.04;

    // Nothing is impossible.
    private const double Least = 1e-9;

    /// <summary>How many hands there are.</summary>
    public static int Count { get; } = Noises.Length * Steps.Length * Lapses.Length;

    private static readonly double[] Usual = MakePriors();

    /// <summary>How likely each hand is before anything is known; they sum to 1.</summary>
    public static ReadOnlySpan<double> Prior => Usual;

    /// <summary>Adds the likelihood of a number that was read and written down, for each hand.</summary>
    /// <param name="written">The number, in degrees.</param>
    /// <param name="aim">What a hand without noise would have written, in degrees.</param>
    /// <param name="spread">Standard deviation of the aim itself, in degrees.</param>
    /// <param name="weight">What it counts.</param>
    /// <param name="isRight">Whether the aim is right; a lapse on top of a mistake is not told from noise.</param>
    /// <param name="likelihoods">One for each hand; added to.</param>
    internal static void AddWritten(
        double written,
        double aim,
        double spread,
        double weight,
        bool isRight,
        Span<double> likelihoods
    )
    {
        Span<double> lapsed = stackalloc double[Steps.Length];
        Span<double> steady = stackalloc double[Steps.Length];
        if (isRight)
        {
            Lapsed(written - aim, written, spread, lapsed);
        }
        else
        {
            Rounded(written - aim, written, LapseSpread, spread, lapsed);
        }
        for (int noise = 0; noise < Noises.Length; noise++)
        {
            Rounded(written - aim, written, Noises[noise], spread, steady);
            Mix(noise, steady, lapsed, weight, likelihoods);
        }
    }

    /// <summary>Adds the likelihood of a number of degrees that was drawn, for each hand.</summary>
    /// <param name="drawn">What came out, in degrees.</param>
    /// <param name="aim">What a hand without noise would have drawn, in degrees.</param>
    /// <param name="spread">Standard deviation of the aim itself, in degrees.</param>
    /// <param name="weight">What it counts.</param>
    /// <param name="likelihoods">One for each hand; added to.</param>
    internal static void AddDrawn(
        double drawn,
        double aim,
        double spread,
        double weight,
        Span<double> likelihoods
    )
    {
        Span<double> lapsed = stackalloc double[Steps.Length];
        Span<double> steady = stackalloc double[Steps.Length];
        Aimed(drawn, aim, LapseSpread, spread, lapsed);
        for (int noise = 0; noise < Noises.Length; noise++)
        {
            Aimed(drawn, aim, Noises[noise], spread, steady);
            Mix(noise, steady, lapsed, weight, likelihoods);
        }
    }

    /// <summary>Sets the likelihood of a number of which nothing is known, for each hand.</summary>
    /// <param name="number">The number, in degrees.</param>
    /// <param name="isWritten">Whether it was written; else drawn.</param>
    /// <param name="range">The largest number there can be, in degrees.</param>
    /// <param name="likelihoods">One for each hand.</param>
    internal static void Anywhere(
        double number,
        bool isWritten,
        double range,
        Span<double> likelihoods
    )
    {
        for (int step = 0; step < Steps.Length; step++)
        {
            double share = isWritten ? Share(number, step) : 1;
            for (int noise = 0; noise < Noises.Length; noise++)
            {
                for (int lapse = 0; lapse < Lapses.Length; lapse++)
                {
                    likelihoods[Index(noise, step, lapse)] = share / range;
                }
            }
        }
    }

    /// <summary>How often a hand without a mistake is farther off than a tolerance, for each hand.</summary>
    internal static void Outside(double tolerance, Span<double> shares)
    {
        for (int noise = 0; noise < Noises.Length; noise++)
        {
            for (int step = 0; step < Steps.Length; step++)
            {
                double width = Steps[step] == 0 ? 3 : Steps[step];
                double rounding = width * width / 12;
                double steady = Tails(tolerance, Noises[noise] * Noises[noise] + rounding);
                double lapsed = Tails(tolerance, LapseSpread * LapseSpread + rounding);
                for (int lapse = 0; lapse < Lapses.Length; lapse++)
                {
                    shares[Index(noise, step, lapse)] =
                        (1 - Lapses[lapse]) * steady + Lapses[lapse] * lapsed;
                }
            }
        }
    }

    private static double Tails(double limit, double variance) =>
        Math.Max(1e-4, 2 * (1 - BelowNormal(limit / Math.Sqrt(variance))));

    private static int Index(int noise, int step, int lapse) =>
        (noise * Steps.Length + step) * Lapses.Length + lapse;

    private static double[] MakePriors()
    {
        double[] prior = new double[Count];
        for (int noise = 0; noise < Noises.Length; noise++)
        {
            for (int step = 0; step < Steps.Length; step++)
            {
                for (int lapse = 0; lapse < Lapses.Length; lapse++)
                {
                    prior[Index(noise, step, lapse)] =
                        OfNoise[noise] * OfStep[step] * OfLapse[lapse];
                }
            }
        }
        return prior;
    }

    private static void Mix(
        int noise,
        ReadOnlySpan<double> steady,
        ReadOnlySpan<double> lapsed,
        double weight,
        Span<double> likelihoods
    )
    {
        for (int step = 0; step < Steps.Length; step++)
        {
            for (int lapse = 0; lapse < Lapses.Length; lapse++)
            {
                likelihoods[Index(noise, step, lapse)] +=
                    weight
                    * ((1 - Lapses[lapse]) * steady[step] + Lapses[lapse] * lapsed[step] + Least);
            }
        }
    }

    private static void Lapsed(double off, double written, double spread, Span<double> likelihoods)
    {
        Rounded(off, written, LapseSpread, spread, likelihoods);
        Span<double> neighbour = stackalloc double[Steps.Length];
        for (int step = 0; step < Steps.Length; step++)
        {
            likelihoods[step] /= 2;
        }
        foreach (int by in LapsedBy)
        {
            Rounded(off - by, written, Noises[1], spread, neighbour);
            for (int step = 0; step < Steps.Length; step++)
            {
                likelihoods[step] += neighbour[step] / (2 * LapsedBy.Length);
            }
        }
    }

    // How likely a number is by what it is rounded to: as much of the noise as is rounded to it.
    private static void Rounded(
        double off,
        double written,
        double noise,
        double spread,
        Span<double> likelihoods
    )
    {
        double deviation = Math.Sqrt(noise * noise + spread * spread);
        double ones = Within(off, 0.5, deviation);
        double mixed = MixedOf[0] * ones;
        likelihoods[0] = ones;
        for (int step = 1; step < Steps.Length - 1; step++)
        {
            double rounded = IsMultiple(written, Steps[step])
                ? Within(off, Steps[step] / 2.0, deviation)
                : 0;
            likelihoods[step] = (1 - Unrounded) * rounded + Unrounded * ones;
            mixed += step < MixedOf.Length ? MixedOf[step] * rounded : 0;
        }
        likelihoods[^1] = mixed;
    }

    private static double Share(double number, int step)
    {
        double Of(int width) => IsMultiple(number, width) ? width : 0;
        return Steps[step] switch
        {
            1 => 1,
            0 => MixedOf[0] + MixedOf[1] * Of(2) + MixedOf[2] * Of(5),
            int width => (1 - Unrounded) * Of(width) + Unrounded,
        };
    }

    // Who draws rounds what they aim at, not what comes out.
    private static void Aimed(
        double drawn,
        double aim,
        double noise,
        double spread,
        Span<double> likelihoods
    )
    {
        double variance = noise * noise + spread * spread;
        double ones = Density(drawn - aim, variance);
        double mixed = MixedOf[0] * ones;
        likelihoods[0] = ones;
        for (int step = 1; step < Steps.Length - 1; step++)
        {
            double width = Steps[step];
            double rounded = Density(drawn - Math.Round(aim / width) * width, variance);
            likelihoods[step] = (1 - Unrounded) * rounded + Unrounded * ones;
            mixed += step < MixedOf.Length ? MixedOf[step] * rounded : 0;
        }
        likelihoods[^1] = mixed;
    }

    private static bool IsMultiple(double number, int width) =>
        Math.Abs(number - Math.Round(number / width) * width) < 1e-6;

    private static double Within(double off, double half, double deviation)
    {
        const double Beyond = 6;
        off = Math.Abs(off);
        return off - half > Beyond * deviation
            ? 0
            : Math.Max(
                0,
                BelowNormal((off + half) / deviation) - BelowNormal((off - half) / deviation)
            );
    }

    internal static double Density(double off, double variance)
    {
        double exponent = off * off / (2 * variance);
        return exponent > 40 ? 0 : Math.Exp(-exponent) / Math.Sqrt(2 * Math.PI * variance);
    }

    // The normal distribution function, by the rational approximation 26.2.17 of Abramowitz and Stegun's handbook; within 1e-7. From
    // memory.
    private static double BelowNormal(double x)
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
