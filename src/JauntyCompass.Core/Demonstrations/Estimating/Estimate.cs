using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Estimating;

/// <summary>
/// An estimate as it is made: the nearest benchmark, more or less, then a number. The benchmarks are common practice, no source.
/// </summary>
/// <param name="Benchmark">The nearest benchmark, in degrees.</param>
/// <param name="Number">The number said: a multiple of five.</param>
/// <param name="More">1 for more than the benchmark, -1 for less, 0 for about as much.</param>
public readonly record struct Estimate(int Benchmark, int Number, int More)
{
    /// <summary>Zero, thirds and half of a right angle, right, one and a half, straight, three right angles, full turn.</summary>
    public static IReadOnlyList<int> Benchmarks { get; } = [0, 30, 45, 60, 90, 135, 180, 270, 360];

    // As near as this to a benchmark, in degrees, the eye says "about".
    private const double About = 3;

    /// <summary>The estimate of a careful eye.</summary>
    public static Estimate Of(Measure measure)
    {
        double degrees = measure.Degrees;
        int nearest = Benchmarks.MinBy(b => Math.Abs(b - degrees));
        double off = degrees - nearest;
        int more = Math.Abs(off) <= About ? 0 : Math.Sign(off);
        int number = (int)Math.Round(degrees / 5, MidpointRounding.AwayFromZero) * 5;
        // Told "more", a number that equals the benchmark would contradict it.
        return new Estimate(
            nearest,
            more == 0 ? nearest
                : number == nearest ? nearest + 5 * more
                : number,
            more
        );
    }

    /// <summary>How it is said.</summary>
    internal Message Caption =>
        More switch
        {
            > 0 => Text.Demonstrations.Estimate.More(Named(Benchmark), Number),
            < 0 => Text.Demonstrations.Estimate.Less(Named(Benchmark), Number),
            _ => Text.Demonstrations.Estimate.AboutTheSame(Named(Benchmark), Number),
        };

    /// <summary>A benchmark as something to picture.</summary>
    internal static Message Named(int benchmark) =>
        Text.Demonstrations.Benchmark.At(benchmark, benchmark);
}
