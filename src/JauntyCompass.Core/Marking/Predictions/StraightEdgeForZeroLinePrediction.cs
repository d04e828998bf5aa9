using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="StraightEdgeForZeroLine"/> leads to.</summary>
public sealed class StraightEdgeForZeroLinePrediction
    : InstrumentPrediction<StraightEdgeForZeroLine>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Laid is LaidAngle laid)
        {
            if (laid.Alignment.EdgeOnArm && context.ExpectedReading is double careful)
            {
                outcomes.Add(careful);
            }
        }
        else if (context.Instrument.Inset > 0)
        {
            outcomes.Add(Unplaced(context));
        }
    }

    private static double Unplaced(MarkingContext context)
    {
        double radians = context.Measure * (Math.PI / 180);
        double inset = context.Instrument.Inset;
        double radius = context.Instrument.EdgeRadius;
        (double sin, double cos) = Math.SinCos(radians);
        return context.Activity == Activity.Measuring
            ? context.Measure - Math.Asin(Math.Clamp(inset * cos / radius, -1, 1)) * (180 / Math.PI)
            // Drawing: the dot at A on the edge, seen from a vertex that lies an inset below the centre mark.
            : Math.Atan2(radius * sin + inset, radius * cos) * (180 / Math.PI);
    }
}
