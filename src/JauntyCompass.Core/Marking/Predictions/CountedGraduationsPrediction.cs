using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="CountedGraduations"/> leads to.</summary>
public sealed class CountedGraduationsPrediction : InstrumentPrediction<CountedGraduations>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (
            context.Result(context.StartingNumber + context.Instrument.SmallestGraduation)
            is double result
        )
        {
            outcomes.Add(result);
        }
    }
}
