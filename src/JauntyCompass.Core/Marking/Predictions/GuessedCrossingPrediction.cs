using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="GuessedCrossing"/> leads to.</summary>
public sealed class GuessedCrossingPrediction : InstrumentPrediction<GuessedCrossing>
{
    // An arm that ends so far before the graduations can still be read, in mm; farther, a guess strays, in degrees. Common practice, no source.
    private const double StillRead = 4;

    private const double Spread = 4;

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Activity == Activity.Measuring && Missing(context) > StillRead)
        {
            outcomes.Add(context.StartingNumber, Spread);
        }
    }

    // Which arm is read is known only when it is known how the instrument lay.
    private static double Missing(MarkingContext context)
    {
        double length = context.Laid is LaidAngle laid
            ? context.Angle[laid.Alignment.ReadArm].Length
            : Math.Min(context.Angle.StartLength, context.Angle.EndLength);
        return context.Instrument.EdgeRadius - length;
    }
}
