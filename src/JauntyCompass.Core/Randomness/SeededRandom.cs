namespace JauntyCompass.Core.Randomness;

/// <summary>
/// Random numbers that are the same for the same seed on every machine and in every later version: the PCG generator
/// pcg32 (XSH-RR; M. E. O'Neill, <i>PCG: A Family of Simple Fast Space-Efficient Statistically Good Algorithms for Random
/// Number Generation</i>, 2014). Integer arithmetic only.
/// </summary>
public sealed class SeededRandom
{
    private const ulong Multiplier = 6364136223846793005;
    private readonly ulong _increment;
    private ulong _state;

    /// <summary>Starts a sequence.</summary>
    /// <param name="seed">Any number.</param>
    /// <param name="stream">Another stream gives another sequence for the same seed.</param>
    public SeededRandom(long seed, long stream = 1)
    {
        _increment = ((ulong)stream << 1) | 1;
        Next();
        _state += (ulong)seed;
        Next();
    }

    /// <summary>
    /// Starts the sequence of a seed that has a name, such as <c>letters</c> or <c>place 3 of form 1</c>: another name gives another sequence
    /// (FNV-1a over 64 bits of its letters and numbers; G. Fowler, L. C. Noll, K.-P. Vo, from memory).
    /// </summary>
    /// <param name="seed">Any number.</param>
    /// <param name="name">What it is for.</param>
    /// <param name="numbers">Which of those that are for the same.</param>
    public static SeededRandom Named(long seed, string name, params ReadOnlySpan<int> numbers)
    {
        const ulong Prime = 1099511628211;
        ulong hash = 14695981039346656037;
        foreach (char letter in name)
        {
            hash = unchecked((hash ^ letter) * Prime);
        }
        foreach (int number in numbers)
        {
            // A number is told from the next by what no letter is.
            hash = unchecked((hash ^ 0x1F) * Prime);
            for (int shift = 0; shift < 32; shift += 8)
            {
                hash = unchecked((hash ^ (byte)(number >> shift)) * Prime);
            }
        }
        return new SeededRandom(seed, unchecked((long)hash));
    }

    /// <summary>The next 32 random bits.</summary>
    public uint Next()
    {
        ulong old = _state;
        _state = unchecked(old * Multiplier + _increment);
        uint xorShifted = (uint)(((old >> 18) ^ old) >> 27);
        int rotation = (int)(old >> 59);
        return (xorShifted >> rotation) | (xorShifted << (-rotation & 31));
    }

    /// <summary>A whole number from 0 up to but not including <paramref name="below"/>, without bias.</summary>
    public int Below(int below)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(below);
        uint bound = (uint)below;
        uint threshold = unchecked(0u - bound) % bound;
        uint drawn;
        do
        {
            drawn = Next();
        } while (drawn < threshold);
        return (int)(drawn % bound);
    }

    /// <summary>A whole number between two, both possible.</summary>
    public int Between(int least, int most) => least + Below(most - least + 1);

    /// <summary>A number in [0, 1).</summary>
    public double Share() => Next() / 4294967296.0;

    /// <summary>True with a probability.</summary>
    public bool Chance(double probability) => Share() < probability;

    /// <summary>A normally distributed number (polar method of Marsaglia) with mean 0.</summary>
    /// <param name="deviation">Standard deviation.</param>
    public double Normal(double deviation)
    {
        while (true)
        {
            double u = 2 * Share() - 1;
            double v = 2 * Share() - 1;
            double s = u * u + v * v;
            if (s is > 0 and < 1)
            {
                return deviation * u * Math.Sqrt(-2 * Math.Log(s) / s);
            }
        }
    }

    /// <summary>Puts a list into random order.</summary>
    public void Shuffle<T>(IList<T> list)
    {
        for (int i = list.Count - 1; i > 0; i--)
        {
            int j = Below(i + 1);
            (list[i], list[j]) = (list[j], list[i]);
        }
    }
}
