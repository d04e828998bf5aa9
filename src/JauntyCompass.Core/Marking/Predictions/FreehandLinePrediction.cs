using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="FreehandLine"/> leads to.</summary>
public sealed class FreehandLinePrediction : InstrumentPrediction<FreehandLine>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (figure?.Shake > FreehandLine.Limit && figure.Strayed is double strayed)
        {
            outcomes.Add(strayed);
        }
    }
}
