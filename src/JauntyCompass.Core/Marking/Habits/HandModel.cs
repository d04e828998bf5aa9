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
    private const int Usually = 1;

    // What numbers are rounded to, in degrees; 0 stands for a hand that takes now this, now that.
    private static readonly int[] Steps = [1, 2, 5, 10, 0];
    private static readonly int[] Rounding = Steps[..^1];
    private static readonly double[] OfStep = [0.72, 0.05, 0.08, 0.05, 0.1];
    private static readonly double[] MixedOf = [0.5, 0.2, 0.3];

    // How often a number is some degrees off for no reason that anybody could tell, and how far then.
    private static readonly double[] Lapses = [0.02, 0.13];
    private static readonly double[] OfLapse = [0.65, 0.35];
    private const double LapseSpread = 7;

    // Half of the lapses are a five or a ten taken for its neighbour, in degrees.
    private static readonly int[] LapsedBy = [-10, -5, 5, 10];

    // An aim that strays no farther than this, in degrees, does not stray.
    private const double NoSpread = 0.05;

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
        double off = written - aim;
        int fits = Multiples(written);
        if (spread < NoSpread)
        {
            spread = 0;
        }
        Rounded(off, fits, isRight ? LapsedCurves : Curves[^1], LapseSpread, spread, lapsed);
        for (int noise = 0; noise < Noises.Length; noise++)
        {
            Rounded(off, fits, Curves[noise], Noises[noise], spread, steady);
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
        Math.Max(1e-4, 2 * (1 - Normal.Below(limit / Math.Sqrt(variance))));

    /// <summary>Whether a hand is off now and again for no reason that anybody could tell.</summary>
    internal static bool LapsesOften(int hand) => Lapses[hand % Lapses.Length] == Lapses[^1];

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

    // By noise, lapses last, and by what is rounded to; and of a lapse from what is right.
    private static readonly RoundingCurve[][] Curves =
    [
        .. Noises
            .Append(LapseSpread)
            .Select(noise => Rounding.Select(step => RoundingCurve.Of(step, noise)).ToArray()),
    ];
    private static readonly RoundingCurve[] LapsedCurves =
    [
        .. Rounding.Select(
            (_, step) => Curves[^1][step].MixedWith(Curves[Usually][step], LapsedBy)
        ),
    ];

    // How likely a number is by what it is rounded to: as much of the noise as is rounded to it.
    private static void Rounded(
        double off,
        int fits,
        RoundingCurve[] curves,
        double noise,
        double spread,
        Span<double> likelihoods
    )
    {
        double deviation = spread == 0 ? noise : Math.Sqrt(noise * noise + spread * spread);
        double Of(int step) =>
            spread == 0
                ? curves[step].At(off)
                : RoundingCurve.Likelihood(off, Steps[step], deviation);
        double ones = Of(0);
        double mixed = MixedOf[0] * ones;
        likelihoods[0] = ones;
        for (int step = 1; step < Steps.Length - 1; step++)
        {
            double rounded = (fits >> step & 1) != 0 ? Of(step) : 0;
            likelihoods[step] = (1 - Unrounded) * rounded + Unrounded * ones;
            mixed += step < MixedOf.Length ? MixedOf[step] * rounded : 0;
        }
        likelihoods[^1] = mixed;
    }

    // One bit a step: whether a number is a multiple of it.
    private static int Multiples(double written)
    {
        int fits = 0;
        for (int step = 0; step < Rounding.Length; step++)
        {
            fits |= IsMultiple(written, Rounding[step]) ? 1 << step : 0;
        }
        return fits;
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
        double ones = Normal.Density(drawn - aim, variance);
        double mixed = MixedOf[0] * ones;
        likelihoods[0] = ones;
        for (int step = 1; step < Steps.Length - 1; step++)
        {
            double width = Steps[step];
            double rounded = Normal.Density(drawn - Math.Round(aim / width) * width, variance);
            likelihoods[step] = (1 - Unrounded) * rounded + Unrounded * ones;
            mixed += step < MixedOf.Length ? MixedOf[step] * rounded : 0;
        }
        likelihoods[^1] = mixed;
    }

    private static bool IsMultiple(double number, int width) =>
        Math.Abs(number - Math.Round(number / width) * width) < 1e-6;
}
