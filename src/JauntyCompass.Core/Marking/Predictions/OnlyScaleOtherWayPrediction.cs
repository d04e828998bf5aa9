using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="OnlyScaleOtherWay"/> leads to.</summary>
public sealed class OnlyScaleOtherWayPrediction : InstrumentPrediction<OnlyScaleOtherWay>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (!Mistake.CanBeMadeOn(context.Instrument))
        {
            return;
        }
        if (context.Laid is not LaidAngle laid)
        {
            outcomes.Add(context.FullScale - context.StartingNumber);
        }
        else if (
            laid.Advice.Reason == AdviceReason.NoZeroOnThatArm
            && context.ResultOnScale(0) is double result
        )
        {
            outcomes.Add(result);
        }
    }
}
