using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The last two digits written down the wrong way round: 47 becomes 74, 127 becomes 172. Cannot show where they are alike.
/// </summary>
public sealed class SwappedDigits : InstrumentMistake, IMeasuringReplay
{
    /// <inheritdoc/>
    public override string Key => "swapped-digits";

    /// <inheritdoc/>
    public override string Name => "swapped the digits";

    /// <inheritdoc/>
    public override double Prior => 0.036;

    /// <inheritdoc/>
    public override string Remedy =>
        "Say the number aloud before it is written: forty-seven, then 47.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        int whole = (int)Math.Round(context.StartingNumber);
        Add(context, whole, 0, 1, ref outcomes);
        if (outcomes.Count > 0)
        {
            // A graduation more or less in the reading becomes ten in the number that is written.
            foreach ((int off, double weight) in Strays)
            {
                Add(context, whole + off, ByTheWay, weight, ref outcomes);
            }
        }
    }

    // Not the answer that this mistake fixes, but one that it may well come to.
    private const double ByTheWay = 0.01;

    // How often a reading strays by so many graduations, beside not at all. Common practice, no source.
    private static readonly (int Off, double Weight)[] Strays =
    [
        (-2, 0.17),
        (-1, 0.6),
        (1, 0.6),
        (2, 0.17),
    ];

    private static void Add(
        MarkingContext context,
        int number,
        double spread,
        double weight,
        ref Outcomes outcomes
    )
    {
        int swapped = Swapped(number);
        if (swapped != number && context.Result(swapped) is double result)
        {
            outcomes.Add(result, spread, weight);
        }
    }

    /// <summary>The number with its last two digits swapped.</summary>
    private static int Swapped(int number) =>
        number < 10 ? number : number / 100 * 100 + number % 10 * 10 + number / 10 % 10;

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Both digits are there, but they changed places.",
            "Read your number aloud and hold it against what you wrote."
        );

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double answer = read % 10 * 10 + Math.Floor(read / 10);
        return read is < 12 or >= 100 || Math.Abs(answer - read) < 1
            ? null
            : new MeasuringExample(laid.Placement, laid.Advice.ScaleIndex, read, answer);
    }
}
