using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Predictions;

/// <summary>Where <see cref="StartNotSubtracted"/> leads to.</summary>
public sealed class StartNotSubtractedPrediction : InstrumentPrediction<StartNotSubtracted>
{
    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (
            context.Activity != Activity.Measuring
            || context.Laid is not LaidAngle laid
            || laid.Alignment.IsLinedUp
        )
        {
            return;
        }
        for (int i = 0; i < context.Instrument.Scales.Count; i++)
        {
            if (
                laid.Reading(i, WhichArm.Start) is double start
                && laid.Reading(i, WhichArm.End) is double end
            )
            {
                outcomes.Add(Math.Max(start, end));
                outcomes.Add(start + end);
            }
        }
    }
}
