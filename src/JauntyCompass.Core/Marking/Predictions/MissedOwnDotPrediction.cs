using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="MissedOwnDot"/> leads to.</summary>
public sealed class MissedOwnDotPrediction : InstrumentPrediction<MissedOwnDot>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (
            figure?.DotMiss > MissedOwnDot.Limit + MissedOwnDot.OfWaves * figure?.Shake
            && figure!.Strayed is double strayed
        )
        {
            outcomes.Add(strayed);
        }
    }
}
