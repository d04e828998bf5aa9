using JauntyCompass.Core.Randomness;

namespace JauntyCompass.Benchmarks;

/// <summary>
/// Students of another making than the core's simulated ones, and than what the marker supposes: what a mistake comes to is written
/// down here once more, from the table of the trade (two scales on a half circle), and the hand is rounding, lapses and guesses as well
/// as noise.
/// </summary>
internal static class OtherHands
{
    /// <summary>What a number of degrees becomes in a hand that makes no mistake: noise, rounding, lapses.</summary>
    /// <param name="Name">What the rows of a trial call it.</param>
    /// <param name="Noise">Standard deviation of the eye, in degrees.</param>
    /// <param name="Steps">What it rounds to, one of these each time.</param>
    /// <param name="Lapses">How often it is off by 5 or 10 for no reason.</param>
    internal sealed record Hand(string Name, double Noise, int[] Steps, double Lapses = 0)
    {
        internal double Write(double number, SeededRandom random)
        {
            double seen = number + random.Normal(Noise);
            if (random.Chance(Lapses))
            {
                seen += (random.Chance(0.5) ? 5 : 10) * (random.Chance(0.5) ? 1 : -1);
            }
            int step = Steps[random.Below(Steps.Length)];
            return Math.Clamp(
                Math.Round(seen / step, MidpointRounding.AwayFromZero) * step,
                0,
                180
            );
        }
    }

    internal static readonly Hand Exact = new("exact", 0, [1]);
    internal static readonly Hand One = new("noise of 1°", 1, [1]);
    internal static readonly Hand OneAndAHalf = new("noise of 1.5°", 1.5, [1]);
    internal static readonly Hand Fives = new("rounds to fives", 0.7, [5]);
    internal static readonly Hand Tens = new("rounds to tens", 0.7, [10]);
    internal static readonly Hand Lapsing = new("lapses, mixed rounding", 0.7, [1, 1, 2, 5], 0.1);

    internal static readonly Hand[] All = [One, OneAndAHalf, Fives, Tens, Lapsing];

    /// <summary>The mistakes of the trials.</summary>
    internal static readonly string[] Habits =
    [
        "other-scale",
        "wrong-ten",
        "ticks-backwards",
        "ten-from-other-scale",
        "swapped-digits",
    ];

    /// <summary>What a mistake makes of a measure of whole degrees; itself where it changes nothing.</summary>
    internal static double Led(string mistake, double measure, SeededRandom random)
    {
        int a = (int)Math.Round(measure);
        (int tens, int ones) = (a / 10, a % 10);
        return mistake switch
        {
            "other-scale" => 180 - a,
            "wrong-ten" => a + (a >= 170 || (a >= 10 && random.Chance(0.5)) ? -10 : 10),
            "ticks-backwards" => ones is 0 ? a : 10 * tens + 10 - ones,
            "ten-from-other-scale" => 180 - 10 * tens + ones - (random.Chance(0.3) ? 10 : 0),
            "swapped-digits" => a < 100 ? 10 * ones + tens : 100 + 10 * ones + (tens - 10),
            _ => a,
        };
    }
}
