using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="LaidOff"/> leads to.</summary>
public sealed class LaidOffPrediction : InstrumentPrediction<LaidOff>
{
    // A centre mark 4 mm off costs up to 3° on a desk protractor, a hurried turn as much again: standard deviation in degrees. Common
    // practice, no source.
    private const double Spread = 4;

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (!context.IsLaid && !context.NeverLaid)
        {
            outcomes.Add(context.Measure, Spread);
        }
    }
}
