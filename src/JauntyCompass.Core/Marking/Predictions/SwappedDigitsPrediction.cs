using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="SwappedDigits"/> leads to.</summary>
public sealed class SwappedDigitsPrediction : InstrumentPrediction<SwappedDigits>
{
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
}
