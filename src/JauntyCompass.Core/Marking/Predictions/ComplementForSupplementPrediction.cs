using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="ComplementForSupplement"/> leads to.</summary>
public sealed class ComplementForSupplementPrediction
    : InstrumentPrediction<ComplementForSupplement>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (
            context.Result(context.StartingNumber - ComplementForSupplement.RightAngle)
            is double complement
        )
        {
            outcomes.Add(complement);
        }
    }
}
