using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="MovedBeforeDot"/> leads to.</summary>
public sealed class MovedBeforeDotPrediction : InstrumentPrediction<MovedBeforeDot>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context is { MovedBeforeDot: true, ExpectedReading: double result })
        {
            outcomes.Add(result);
        }
    }
}
